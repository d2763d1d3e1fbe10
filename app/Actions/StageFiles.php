<?php

declare(strict_types=1);

namespace App\Actions;

use Incastro\Core\Memory\Memory;

/**
 * What the planner worked out before, in files that all processes of this machine share. A key has one place, which the next with the same place takes: there
 * are never more files than places, and nothing has to be tidied. What is lost, damaged or not to be written is worked out anew.
 */
final class StageFiles implements Memory
{
    public const PLACES = 2048;

    /** @var array<string, mixed> by key, what is to be written */
    private array $new = [];

    /** @param  string  $core  names the built core: another core's results are not this one's; of a core without a name nothing is kept */
    public function __construct(private readonly string $folder, private readonly string $core)
    {
    }

    public function get(string $key): mixed
    {
        $head = $this->head($key);
        $kept = $this->core === '' ? false : @file_get_contents($this->path($key));

        return is_string($kept) && str_starts_with($kept, $head) ? self::read(substr($kept, strlen($head))) : null;
    }

    public function keep(string $key, mixed $value): void
    {
        if ($this->core !== '') {
            $this->new[$key] = $value;
        }
    }

    /** To be done once the plan is made and the answer is out: by then what is kept has been asked most of what the next plan asks of it. */
    public function write(): void
    {
        foreach ($this->new as $key => $value) {
            $this->put($key, $value);
        }
        $this->new = [];
    }

    private function put(string $key, mixed $value): void
    {
        @mkdir($this->folder, 0700, true);
        // Whole or not at all: written beside its place, then moved there.
        $beside = "$this->folder/".getmypid().'.new';
        $text = $this->head($key).serialize($value);
        if (@file_put_contents($beside, $text) === strlen($text)) {
            @unlink($this->path($key));
            @rename($beside, $this->path($key));
        } else {
            @unlink($beside);
        }
    }

    private function path(string $key): string
    {
        return "$this->folder/".crc32($key) % self::PLACES;
    }

    private function head(string $key): string
    {
        return "$this->core $key ";
    }

    private static function read(string $kept): mixed
    {
        try {
            $value = @unserialize($kept);
        } catch (\Throwable) {
            return null;
        }

        return $value === false ? null : $value;
    }
}
