<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Leftovers of a household, by whichever project they come from; a piece is taken by one project at most. */
    public function up(): void
    {
        Schema::create('rack_pieces', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('material', 120);
            $table->decimal('thickness', 12, 6);
            $table->decimal('length', 12, 6);
            $table->decimal('width', 12, 6);
            $table->boolean('grain');
            $table->foreignUlid('from_project')->nullable()->constrained('projects')->nullOnDelete();
            $table->foreignUlid('taken_by')->nullable()->constrained('projects')->nullOnDelete();
            $table->timestamps();
            $table->unique(['household_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rack_pieces');
    }
};
