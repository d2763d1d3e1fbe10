<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Photo;
use App\Models\Revision;
use App\Models\User;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What one person began, changed or photographed in some projects goes on under another's name; searches of theirs end. */
final class PassOn
{
    /** @param  Collection<int, mixed>  $projects  their ids */
    public static function of(Collection $projects, User $from, User $to): void
    {
        // When it was last changed stays what it was.
        DB::table('projects')->whereIn('id', $projects)->where('owner_id', $from->id)->update(['owner_id' => $to->id]);
        foreach ([Revision::class, Photo::class] as $model) {
            $model::query()->whereIn('project_id', $projects)->where('user_id', $from->id)->update(['user_id' => $to->id]);
        }
        DB::table('layout_searches')->whereIn('project_id', $projects)->where('user_id', $from->id)->delete();
    }
}
