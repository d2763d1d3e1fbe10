<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Memory;

use Incastro\Core\Memory\Memory;

/** Keeps everything as text, as a file would, once the plan that it was made for is done; and counts what was found. */
final class Remembering implements Memory
{
    /** @var array<string, string> */
    public array $kept = [];

    public int $found = 0;

    /** @var array<string, mixed> */
    private array $new = [];

    public function get(string $key): mixed
    {
        $this->write();
        $this->found += (int) isset($this->kept[$key]);

        return isset($this->kept[$key]) ? unserialize($this->kept[$key]) : null;
    }

    public function keep(string $key, mixed $value): void
    {
        $this->new[$key] = $value;
    }

    public function write(): void
    {
        $this->kept = array_map(serialize(...), $this->new) + $this->kept;
        $this->new = [];
    }
}
