<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One change as it was applied, with what takes it back.
 *
 * @property int $number
 * @property string $change_id
 * @property string $user_id
 * @property string $operations
 * @property string $inverse
 * @property list<string> $touched
 * @property string|null $snapshot  the whole document, every so often
 * @property string|null $name  that somebody gave it
 * @property User|null $user
 * @property Carbon $created_at
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'revisions';

    protected $fillable = ['project_id', 'number', 'change_id', 'user_id', 'operations', 'inverse', 'touched', 'snapshot', 'name'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return list<array{op: string, path: list<string>, value: mixed}> what takes it back */
    public function takenBack(): array
    {
        /** @var list<array{op: string, path: list<string>, value: mixed}> */
        return json_decode($this->inverse, true, 64, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['touched' => 'array', 'created_at' => 'datetime'];
    }
}
