<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A kept plan is compressed already: the database is not to try again with every edit. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE plans ALTER COLUMN body SET STORAGE EXTERNAL');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE plans ALTER COLUMN body SET STORAGE EXTENDED');
    }
};
