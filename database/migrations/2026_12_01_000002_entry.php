<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tries at the doors, and accounts that are begun once their letter is opened. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('attempts', function (Blueprint $table): void {
            $table->char('key', 64)->primary();
            $table->unsignedInteger('count');
            $table->timestamp('next_at', 3);
            $table->timestamp('seen_at', 3)->index();
        });
        Schema::create('sign_ups', function (Blueprint $table): void {
            $table->char('token_hash', 64)->primary();
            $table->string('name', 80);
            $table->string('email', 190);
            $table->string('password');
            $table->string('household', 80)->nullable();
            $table->timestamp('expires_at')->index();
        });
    }

    public function down(): void
    {
        Schema::drop('sign_ups');
        Schema::drop('attempts');
    }
};
