<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\DeleteAccount;
use App\Models\Household;
use App\Models\PhotoFiles;
use App\Models\Project;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class ResetCommand extends Command
{
    protected $signature = 'incastro:reset';

    protected $description = 'Puts the demo house back as it came; other households stay as they are';

    public function handle(): int
    {
        if (! config()->boolean('incastro.demo')) {
            $this->error('The demo is off here; there is nothing to reset.');

            return self::FAILURE;
        }
        $photos = [];
        DB::transaction(function () use (&$photos): void {
            $owner = User::query()->where('email', DemoSeeder::OWNER_EMAIL)->first();
            $house = Project::withTrashed()->find(strtolower(DemoSeeder::FIRST_PROJECT))?->household_id;
            $photos = Project::withTrashed()->where('household_id', $house)->pluck('id')->all();
            Household::query()->whereKey($house)->delete();
            // A household the demo's person has joined since is somebody else's.
            if ($owner !== null) {
                (new DeleteAccount)->of($owner);
            }
            (new DemoSeeder)->run();
        });
        // Only once the rows are gone for good.
        array_map(PhotoFiles::dropAll(...), array_filter($photos, is_string(...)));
        $this->info('The demo house is as it came.');

        return self::SUCCESS;
    }
}
