<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Filesystem\Filesystem;

/**
 * Files that are locked while they are written (sessions, counters of limits) are written over in place. Emptied first, as the
 * framework does, each costs a millisecond here: ext4 writes out at once what is emptied and filled again.
 */
final class InPlaceFiles extends Filesystem
{
    public function put($path, $contents, $lock = false)
    {
        return $lock ? self::over($path, $contents) : parent::put($path, $contents);
    }

    /**
     * Where the disk is full, what was there stays: a session is better as it was than half of each.
     *
     * @return int|false the bytes written; false where they could not all be
     */
    private static function over(string $path, string $contents): int|false
    {
        $file = @fopen($path, 'c+b');
        if ($file === false) {
            return false;
        }
        try {
            if (! flock($file, LOCK_EX)) {
                return false;
            }
            $before = (string) stream_get_contents($file);
            if (self::lay($file, $contents)) {
                return strlen($contents);
            }
            self::lay($file, $before);

            return false;
        } finally {
            fclose($file);
        }
    }

    /** @param  resource  $file */
    private static function lay($file, string $contents): bool
    {
        rewind($file);

        return @fwrite($file, $contents) === strlen($contents) && fflush($file) && ftruncate($file, strlen($contents));
    }
}
