<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\DeleteAccount;
use App\Actions\DemoHouse;
use App\Models\PhotoFiles;
use App\Models\Project;
use App\Models\User;
use Illuminate\Console\Command;

/** Ends every copy of the demo house that is open, and the shared one of before but for what people began in it. Accounts are not touched. */
final class ResetCommand extends Command
{
    protected $signature = 'incastro:reset';

    protected $description = 'Take away the copies of the demo house that people have open; households of accounts stay as they are';

    public function handle(DemoHouse $house): int
    {
        if (! config()->boolean('incastro.demo')) {
            $this->error('The demo is off here; there is nothing to reset.');

            return self::FAILURE;
        }
        $guests = $house->sweep(all: true);
        $left = $this->endShared();
        $this->info("The demo house is as it came: of the copies that people had open, $guests went, with what was changed in them. Accounts, their households and projects were not touched.");
        if ($left > 0) {
            $this->warn("$left of the projects in the demo house that everybody shared before are somebody’s own work and stay: ./incastro adopt E-MAIL gives them to an account.");
        }

        return self::SUCCESS;
    }

    /** @return int how many of its projects are somebody's own */
    private function endShared(): int
    {
        $owner = User::query()->where('email', DemoHouse::SHARED)->first();
        if ($owner === null) {
            return 0;
        }
        $left = DemoCommand::left()->count();
        /** @var list<Project> $asCame */
        $asCame = (new Project)->scopeOf(Project::withTrashed(), $owner)->whereNotNull('sample')->where('revision', 1)->get()->all();
        foreach ($asCame as $project) {
            $project->forceDelete();
            PhotoFiles::dropAll($project->id);
        }
        if ($left === 0) {
            (new DeleteAccount)->of($owner);
        }

        return $left;
    }
}
