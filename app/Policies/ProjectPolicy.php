<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Project;
use App\Models\User;

/** Members of the household see its projects; owners and makers change them; owners give them away. */
final class ProjectPolicy
{
    public function view(User $user, Project $project): bool
    {
        return $user->roleIn($project->household_id) !== null;
    }

    public function update(User $user, Project $project): bool
    {
        return in_array($user->roleIn($project->household_id), ['owner', 'maker'], true);
    }

    public function move(User $user, Project $project): bool
    {
        return $user->roleIn($project->household_id) === 'owner';
    }

    public function create(User $user): bool
    {
        return $user->makingIn()->exists();
    }
}
