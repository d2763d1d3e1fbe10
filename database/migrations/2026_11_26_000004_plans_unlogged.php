<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A kept plan can be made again from its project: what the database writes to survive a crash is for what cannot. After one the table is empty. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE plans SET UNLOGGED');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE plans SET LOGGED');
    }
};
