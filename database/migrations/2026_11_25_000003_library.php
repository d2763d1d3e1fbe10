<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a household buys and stores: its own entries, beside those that come with the program. */
    public function up(): void
    {
        Schema::create('library_entries', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('name', 120);
            $table->jsonb('entry');
            $table->timestamps();
            $table->unique(['household_id', 'kind', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('library_entries');
    }
};
