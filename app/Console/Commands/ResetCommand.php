<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Household;
use App\Models\Photo;
use App\Models\Project;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

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
            $households = $owner?->households()->pluck('households.id')->all() ?? [];
            $photos = Project::query()->whereIn('household_id', $households)->pluck('id')->map(Photo::folder(...))->all();
            Household::query()->whereIn('id', $households)->delete();
            $owner?->delete();
            (new DemoSeeder)->run();
        });
        // Only once the rows are gone for good.
        array_map(File::deleteDirectory(...), $photos);
        $this->info('The demo house is as it came.');

        return self::SUCCESS;
    }
}
