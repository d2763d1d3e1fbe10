<?php

declare(strict_types=1);

namespace Tests\Feature;

/** A file on a disk with room for so many bytes, as a stream: `small-disk://it`. */
final class SmallDisk
{
    public static string $holds = '';

    public static int $room = 0;

    /** @var resource|null */
    public $context;

    private int $at = 0;

    public function stream_open(): bool
    {
        return true;
    }

    public function stream_read(int $count): string
    {
        $read = substr(self::$holds, $this->at, $count);
        $this->at += strlen($read);

        return $read;
    }

    public function stream_write(string $bytes): int
    {
        $fits = substr($bytes, 0, max(0, self::$room - $this->at));
        self::$holds = substr_replace(self::$holds, $fits, $this->at, strlen($fits));
        $this->at += strlen($fits);

        return strlen($fits);
    }

    public function stream_seek(int $to): bool
    {
        $this->at = $to;

        return true;
    }

    public function stream_tell(): int
    {
        return $this->at;
    }

    public function stream_eof(): bool
    {
        return $this->at >= strlen(self::$holds);
    }

    public function stream_truncate(int $size): bool
    {
        self::$holds = substr(self::$holds, 0, $size);

        return true;
    }

    public function stream_lock(): bool
    {
        return true;
    }

    public function stream_flush(): bool
    {
        return true;
    }

    /** @return array<string, int> */
    public function stream_stat(): array
    {
        return ['size' => strlen(self::$holds)];
    }
}
