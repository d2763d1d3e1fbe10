<?php

declare(strict_types=1);

namespace Incastro\Core\Memory;

/** Keeps nothing. */
final readonly class Forgetful implements Memory
{
    public function get(string $key): mixed
    {
        return null;
    }

    public function keep(string $key, mixed $value): void
    {
    }
}
