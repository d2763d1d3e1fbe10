<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Support\Facades\DB;

/**
 * Tries at a door, counted before it is known whether they are good, so that many at once are counted too. The first few are free; each after them
 * is answered only when twice as long has gone by as before the last, up to a minute. Nobody is locked out, and each minute that passes forgives
 * one. A clock that was set back holds nobody up longer than that.
 */
final class Attempts
{
    private const LONGEST_S = 60;

    /**
     * @param  string  $key  what is tried, from where or at whom; only its hash is kept
     * @return int seconds to wait before this try is let through; 0 where it is, and is counted
     */
    public function wait(string $key, int $free): int
    {
        if (! config()->boolean('incastro.limits')) {
            return 0;
        }
        $now = now();
        $hash = hash('sha256', $key);
        // What was to be laid down is a first try now. One is forgiven for each minute, whole ones; what is left of a minute counts at the next try.
        $minutes = 'greatest(0, floor(extract(epoch FROM excluded.seen_at - attempts.seen_at) / 60))::int';
        $count = "greatest(0, attempts.count - $minutes) + 1";
        $longest = self::LONGEST_S;
        $let = DB::select("INSERT INTO attempts (key, count, next_at, seen_at) VALUES (?, 1, ?, ?) ON CONFLICT (key) DO UPDATE SET count = $count,
            seen_at = CASE WHEN attempts.count <= $minutes OR attempts.seen_at > excluded.seen_at THEN excluded.seen_at ELSE attempts.seen_at + make_interval(mins => $minutes) END,
            next_at = excluded.seen_at + make_interval(secs => CASE WHEN $count < $free THEN 0 ELSE least($longest, 2 ^ least($count - $free, 10)) END)
            WHERE attempts.next_at <= excluded.seen_at OR attempts.next_at > excluded.seen_at + make_interval(secs => $longest) RETURNING count", [$hash, $now, $now]);
        if ($let !== []) {
            return 0;
        }
        $next = DB::table('attempts')->where('key', $hash)->value('next_at');

        return is_string($next) ? max(1, (int) ceil($now->diffInSeconds($next))) : 1;
    }

    public function forget(string $key): void
    {
        DB::table('attempts')->where('key', hash('sha256', $key))->delete();
    }

    public function sweep(): void
    {
        DB::table('attempts')->where('seen_at', '<', now()->subDay())->delete();
    }
}
