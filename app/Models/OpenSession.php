<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * Somebody is signed in somewhere. Without its row a session is over, wherever what it holds is kept.
 *
 * @property string $id
 * @property string $user_id
 * @property string $device
 * @property string $from
 * @property Carbon $begun_at
 * @property Carbon $seen_at
 */
final class OpenSession extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $table = 'open_sessions';

    protected $fillable = ['user_id', 'device', 'from', 'begun_at', 'seen_at'];

    /** The session of this request is the person's from now on. */
    public static function begin(Request $request, User $user): void
    {
        $row = self::query()->create(['user_id' => $user->id, 'device' => self::device((string) $request->userAgent()), 'from' => (string) $request->ip(), 'begun_at' => now(), 'seen_at' => now()]);
        $request->session()->put('open', $row->id);
    }

    /** What a browser says it is, as far as a person would say it. */
    private static function device(string $agent): string
    {
        $first = fn (array $known): ?string => array_values(array_filter($known, fn (string $name, string $word): bool => str_contains($agent, $word), ARRAY_FILTER_USE_BOTH))[0] ?? null;
        $browser = $first(['Firefox' => 'Firefox', 'Edg/' => 'Edge', 'OPR/' => 'Opera', 'Chrome' => 'Chrome', 'Safari' => 'Safari']);
        $system = $first(['iPhone' => 'iPhone', 'iPad' => 'iPad', 'Android' => 'Android', 'Windows' => 'Windows', 'Mac OS' => 'Mac', 'Linux' => 'Linux']);

        return implode(', ', array_filter([$browser, $system])) ?: Str::limit($agent, 80);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['begun_at' => 'datetime', 'seen_at' => 'datetime'];
    }
}
