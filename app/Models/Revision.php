<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
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
 * @property Carbon $created_at
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['project_id', 'number', 'change_id', 'user_id', 'operations', 'inverse', 'touched', 'snapshot'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['touched' => 'array', 'created_at' => 'datetime'];
    }
}
