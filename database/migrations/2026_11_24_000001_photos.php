<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The bytes are files by id; the row says whose they are. */
    public function up(): void
    {
        Schema::create('photos', function (Blueprint $table): void {
            $table->string('id', 26);
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->constrained();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->timestamp('created_at')->useCurrent();
            $table->primary(['project_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photos');
    }
};
