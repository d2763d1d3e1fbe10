<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A second factor for who wants it, and which sessions of a person are open. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->text('second_secret')->nullable();
            $table->unsignedBigInteger('second_step')->nullable();
            $table->json('second_codes')->nullable();
        });
        Schema::create('open_sessions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('device', 120);
            $table->string('from', 45);
            $table->timestamp('begun_at');
            $table->timestamp('seen_at')->index();
        });
    }

    public function down(): void
    {
        Schema::drop('open_sessions');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['second_secret', 'second_step', 'second_codes']));
    }
};
