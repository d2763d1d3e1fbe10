<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Household;
use App\Models\User;

/** Members see who belongs to a household; its owners say who does. */
final class HouseholdPolicy
{
    public function view(User $user, Household $household): bool
    {
        return $user->roleIn($household->id) !== null;
    }

    public function manage(User $user, Household $household): bool
    {
        return $user->roleIn($household->id) === 'owner';
    }
}
