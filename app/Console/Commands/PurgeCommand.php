<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Attempts;
use App\Models\Invitation;
use App\Models\OpenSession;
use App\Models\PhotoFiles;
use App\Models\Project;
use App\Models\SharedLink;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Session;

/** Takes away for good what was deleted thirty days ago, photos and all; links and letters that ran out as long ago; and sessions that ran out. */
final class PurgeCommand extends Command
{
    protected $signature = 'incastro:purge';

    protected $description = 'Take away for good what was deleted thirty days ago';

    public function handle(): int
    {
        foreach (Project::onlyTrashed()->where('deleted_at', '<', now()->subDays(Project::WAY_BACK))->get() as $project) {
            $project->forceDelete();
            PhotoFiles::dropAll($project->id);
        }

        foreach ([SharedLink::class, Invitation::class] as $model) {
            $model::query()->where('expires_at', '<', now()->subDays(Project::WAY_BACK))->delete();
        }
        DB::table('sign_ups')->where('expires_at', '<', now())->delete();
        (new Attempts)->sweep();
        OpenSession::query()->where('seen_at', '<', now()->subMinutes(config()->integer('session.lifetime')))->delete();
        Session::getHandler()->gc(config()->integer('session.lifetime') * 60);

        return self::SUCCESS;
    }
}
