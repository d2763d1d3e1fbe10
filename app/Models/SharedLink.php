<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A link by which somebody without an account reads one project for a while, as long as who made it may change the project. Only the hash of what it
 * holds is kept.
 *
 * @property string $id
 * @property string $project_id
 * @property string $label
 * @property Carbon $expires_at
 * @property Carbon|null $seen_at
 * @property Project $project
 * @property User $user
 */
final class SharedLink extends Model
{
    use HasUlids;

    /** Days that one may be good for. */
    public const LONGEST = 366;

    /** How many of a project may be good at once. */
    public const MOST = 20;

    protected $table = 'shared_links';

    protected $fillable = ['project_id', 'user_id', 'label', 'token_hash', 'expires_at', 'seen_at'];

    protected $hidden = ['token_hash'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return BelongsTo<User, $this> who made it */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * Those that have not run out, made by who is still an owner or maker of the household whose project it is.
     *
     * @return Builder<self>
     */
    public static function good(): Builder
    {
        $good = self::query();
        $good->where('expires_at', '>', now())->whereExists(fn ($q) => $q->from('household_user')->join('projects', 'projects.household_id', '=', 'household_user.household_id')
            ->whereColumn('projects.id', 'shared_links.project_id')->whereColumn('household_user.user_id', 'shared_links.user_id')->whereIn('household_user.role', ['owner', 'maker']));

        return $good;
    }

    /** Made now; what is given back is shown once and kept nowhere. */
    public static function of(Project $project, User $user, string $label, int $days): string
    {
        $token = Str::random(40);
        self::query()->create(['project_id' => $project->id, 'user_id' => $user->id, 'label' => $label, 'token_hash' => hash('sha256', $token), 'expires_at' => now()->addDays($days)]);

        return $token;
    }

    /** Null when it is no longer good, or its project is deleted. */
    public static function by(string $token): ?self
    {
        return self::good()->with('project.household')->whereHas('project')->where('token_hash', hash('sha256', $token))->first();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime', 'seen_at' => 'datetime'];
    }
}
