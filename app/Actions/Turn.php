<?php

declare(strict_types=1);

namespace App\Actions;

/**
 * As many plans are made at once as this machine has processors; who comes later waits in turn. Two plans side by side on one processor are both done when
 * the later one would have been, so that one of the two only loses by it.
 */
final class Turn
{
    /**
     * The system gives back the turn of a process that was killed.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public static function take(callable $work): mixed
    {
        $count = max(1, config()->integer('incastro.plans_at_once'));
        // How many there are is settled when the turns are first asked for: another number is another key.
        $turns = @sem_get(crc32(base_path()." $count"), $count);
        if ($turns === false || ! sem_acquire($turns)) {
            return $work();
        }
        try {
            return $work();
        } finally {
            sem_release($turns);
        }
    }

    public static function processors(): int
    {
        return max(1, (int) preg_match_all('/^processor\s*:/m', (string) @file_get_contents('/proc/cpuinfo')));
    }
}
