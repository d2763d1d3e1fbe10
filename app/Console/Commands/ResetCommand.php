<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Household;
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
        DB::transaction(function (): void {
            $owner = User::query()->where('email', DemoSeeder::OWNER_EMAIL)->first();
            $households = $owner?->households()->pluck('households.id')->all() ?? [];
            Household::query()->whereIn('id', $households)->delete();
            $owner?->delete();
            (new DemoSeeder)->run();
        });
        $this->info('The demo house is as it came.');

        return self::SUCCESS;
    }
}
