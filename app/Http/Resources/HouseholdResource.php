<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Household;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A household with its members; whom it has asked is seen by its owners alone.
 *
 * @mixin Household
 */
final class HouseholdResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $me = $request->user();
        $role = $me instanceof User ? $me->roleIn($this->id) : null;

        return [
            'id' => $this->id,
            'name' => $this->name,
            'role' => $role,
            'members' => $this->users->sortBy('name')->values()->map(fn (User $u): array => ['id' => $u->id, 'name' => $u->name, 'role' => $u->roleIn($this->id), 'me' => $me instanceof User && $u->id === $me->id])->all(),
            'invitations' => $role !== 'owner' ? [] : $this->invitations->where('expires_at', '>', now())->values()->map(fn (Invitation $i): array => ['id' => $i->id, 'email' => $i->email, 'role' => $i->role, 'until' => $i->expires_at->toDateString()])->all(),
        ];
    }
}
