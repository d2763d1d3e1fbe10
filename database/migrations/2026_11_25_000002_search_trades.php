<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What one sheet more would save, by material. */
    public function up(): void
    {
        Schema::table('layout_searches', function (Blueprint $table): void {
            $table->json('trades')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('layout_searches', function (Blueprint $table): void {
            $table->dropColumn('trades');
        });
    }
};
