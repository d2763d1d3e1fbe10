<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * A person. `profile` holds only how they read numbers (unit, fraction); what a plan reads is in the document.
 *
 * @property string $id
 * @property string $name
 * @property string $email
 * @property array<string, mixed> $profile
 */
final class User extends Authenticatable
{
    use HasUlids;

    protected $fillable = ['name', 'email', 'password', 'profile'];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsToMany<Household, $this> */
    public function households(): BelongsToMany
    {
        return $this->belongsToMany(Household::class)->withPivot('role');
    }

    public function roleIn(string $householdId): ?string
    {
        $household = $this->households()->find($householdId);

        $role = $household?->getRelationValue('pivot')?->getAttribute('role');

        return is_string($role) ? $role : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['profile' => 'array', 'password' => 'hashed'];
    }
}
