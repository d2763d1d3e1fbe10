<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * Somebody is asked into a household. Only the hash of what the letter holds is kept.
 *
 * @property string $id
 * @property string $household_id
 * @property string $email
 * @property string $role
 * @property Carbon $expires_at
 * @property Household $household
 */
final class Invitation extends Model
{
    use HasUlids;

    /** Days that a letter is good for. */
    public const GOOD_FOR = 14;

    protected $table = 'invitations';

    protected $fillable = ['household_id', 'email', 'role', 'token_hash', 'expires_at'];

    protected $hidden = ['token_hash'];

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }

    /** Asked again, the letter before is no longer good. What is given back goes into the letter and nowhere else. */
    public static function to(Household $household, string $email, string $role): string
    {
        $token = Str::random(48);
        self::query()->updateOrCreate(['household_id' => $household->id, 'email' => $email], ['role' => $role, 'token_hash' => hash('sha256', $token), 'expires_at' => now()->addDays(self::GOOD_FOR)]);

        return $token;
    }

    /** By what the letter holds; null when it is no longer good. */
    public static function by(string $token): ?self
    {
        return self::query()->with('household')->where('token_hash', hash('sha256', $token))->where('expires_at', '>', now())->first();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime'];
    }
}
