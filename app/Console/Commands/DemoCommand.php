<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'incastro:demo';

    protected $description = 'Lays the demo house out, where the demo is on and it is not there yet';

    public function handle(): int
    {
        if (config()->boolean('incastro.demo')) {
            (new DemoSeeder)->run();
        }

        return self::SUCCESS;
    }
}
