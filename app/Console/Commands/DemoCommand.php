<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\DemoHouse;
use App\Models\Project;
use Illuminate\Console\Command;

/** At each start: guests whose day is over go; what people began in the house that all shared, before each had a copy, is counted for who started it to be told. */
final class DemoCommand extends Command
{
    protected $signature = 'incastro:demo';

    protected $description = 'Take away guests of the demo house whose day is over, and say whether anybody’s own work lies in the shared house of before';

    public function handle(DemoHouse $house): int
    {
        $house->sweep();
        $left = self::left()->count();
        $told = storage_path('demo-left');
        $left > 0 ? file_put_contents($told, "$left\n") : @unlink($told);

        return self::SUCCESS;
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Project> somebody's own, in the house that all shared */
    public static function left()
    {
        return DemoHouse::own(Project::query()->whereHas('household.users', fn ($q) => $q->where('users.email', DemoHouse::SHARED)));
    }
}
