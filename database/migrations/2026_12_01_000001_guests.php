<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who only looks round the demo house is there for a day, in a copy of it; a sample is a room of that house, by the name of its file. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->timestamp('guest_until')->nullable()->index();
        });
        Schema::table('projects', function (Blueprint $table): void {
            $table->string('sample', 60)->nullable();
        });
        // The house that everybody shared before: its rooms were given these addresses.
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            $document = (array) json_decode((string) file_get_contents($file), true);
            DB::table('projects')->where('id', strtolower((string) $document['id']))->update(['sample' => basename($file, '.json')]);
        }
    }

    public function down(): void
    {
        Schema::table('projects', fn (Blueprint $table) => $table->dropColumn('sample'));
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('guest_until'));
    }
};
