<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('projects', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('owner_id')->constrained('users');
            $table->string('name');
            $table->unsignedInteger('revision')->default(0);
            $table->text('document');
            $table->timestamps();
            $table->index(['household_id', 'updated_at']);
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('change_id', 26);
            $table->foreignUlid('user_id')->constrained();
            $table->text('operations');
            $table->text('inverse');
            $table->json('touched');
            $table->text('snapshot')->nullable();
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['project_id', 'number']);
            $table->unique(['project_id', 'change_id']);
        });
        Schema::create('plans', function (Blueprint $table): void {
            $table->string('hash', 64)->primary();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->text('body');
            $table->timestamp('created_at')->useCurrent();
            $table->index('project_id');
        });
        Schema::create('layout_searches', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('project_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->constrained();
            $table->unsignedInteger('revision');
            $table->unsignedInteger('seed');
            $table->unsignedTinyInteger('effort');
            $table->string('status', 16);
            $table->unsignedTinyInteger('percent')->default(0);
            $table->text('layouts')->nullable();
            $table->json('better')->nullable();
            $table->timestamps();
            $table->index(['project_id', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('layout_searches');
        Schema::dropIfExists('plans');
        Schema::dropIfExists('revisions');
        Schema::dropIfExists('projects');
    }
};
