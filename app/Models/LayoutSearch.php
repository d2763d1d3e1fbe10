<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A search for a better sheet plan, run in the queue. Status: waiting, running, done, cancelled, failed.
 *
 * @property string $id
 * @property string $project_id
 * @property int $revision
 * @property int $seed
 * @property int $effort
 * @property string $status
 * @property int $percent
 * @property ?string $layouts
 * @property ?list<string> $better materials whose layout beats the plan's
 * @property ?string $trades what one sheet more would save, by material
 * @property \Illuminate\Support\Carbon $updated_at
 * @property Project $project
 */
final class LayoutSearch extends Model
{
    use HasUlids;

    protected $table = 'layout_searches';

    protected $fillable = ['project_id', 'user_id', 'revision', 'seed', 'effort', 'status', 'percent', 'layouts', 'better', 'trades'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['better' => 'array'];
    }

    /** Seconds without a word after which nobody is at work on it any more. */
    public const SILENT_S = 60;

    /** One whose worker was killed says nothing: it is over, and a new one may be begun. */
    public function noticeSilence(): void
    {
        if ($this->status === 'running' && $this->updated_at->lt(now()->subSeconds(self::SILENT_S))) {
            self::query()->whereKey($this->id)->where('status', 'running')->update(['status' => 'failed']);
            $this->refresh();
        }
    }

    public function isOver(): bool
    {
        return in_array($this->status, ['done', 'cancelled', 'failed'], true);
    }
}
