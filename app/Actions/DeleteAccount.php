<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Household;
use App\Models\PhotoFiles;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/**
 * Takes a person away with all that is theirs alone: households nobody else belongs to, with their projects and photos. What they share stays
 * with the others: one of them becomes its owner, and what the person had changed there goes on under that owner’s name.
 */
final class DeleteAccount
{
    public function of(User $user): void
    {
        $gone = DB::transaction(function () use ($user): array {
            $gone = [];
            /** @var list<Household> $households */
            $households = $user->households()->lockForUpdate()->get()->all();
            foreach ($households as $household) {
                $heir = $this->heir($household, $user);
                array_push($gone, ...($heir === null ? $this->end($household) : $this->pass($household, $user, $heir)));
            }
            $this->forget($user);
            $user->delete();

            return $gone;
        });
        // Files go when the rows are gone for good.
        array_walk($gone, fn (string $project) => PhotoFiles::dropAll($project));
    }

    /** Another owner, else who may make, else who may look; the one who has been there longest. */
    private function heir(Household $household, User $user): ?User
    {
        /** @var list<User> $others */
        $others = $household->users()->whereKeyNot($user->id)->orderBy('users.created_at')->orderBy('users.id')->get()->all();
        foreach (['owner', 'maker', 'viewer'] as $role) {
            foreach ($others as $other) {
                if ($other->roleIn($household->id) === $role) {
                    return $other;
                }
            }
        }

        return null;
    }

    /** @return list<string> the projects that went with it */
    private function end(Household $household): array
    {
        $projects = Project::withTrashed()->where('household_id', $household->id)->pluck('id')->map(strval(...))->values()->all();
        $household->delete();

        return array_values($projects);
    }

    /** @return list<string> */
    private function pass(Household $household, User $user, User $heir): array
    {
        $household->users()->updateExistingPivot($heir->id, ['role' => 'owner']);
        $projects = Project::withTrashed()->where('household_id', $household->id)->pluck('id');
        PassOn::of($projects, $user, $heir);

        return [];
    }

    private function forget(User $user): void
    {
        DB::table('password_reset_tokens')->where('email', $user->email)->delete();
    }
}
