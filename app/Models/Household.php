<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Whose projects they are. Roles: owner, maker, viewer.
 *
 * @property string $id
 * @property string $name
 * @property \Illuminate\Database\Eloquent\Collection<int, User> $users
 * @property \Illuminate\Database\Eloquent\Collection<int, Invitation> $invitations
 */
final class Household extends Model
{
    use HasUlids;

    protected $table = 'households';

    protected $fillable = ['name'];

    /** @return HasMany<Project, $this> */
    public function projects(): HasMany
    {
        return $this->hasMany(Project::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }

    /** @return BelongsToMany<User, $this> */
    public function users(): BelongsToMany
    {
        return $this->belongsToMany(User::class)->withPivot('role');
    }
}
