<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads;

/** A stretch of a board with nothing under it, mm: between two carriers, or past the last of them. */
final readonly class Stretch
{
    public function __construct(public float $from, public float $to, public bool $overhangs)
    {
    }

    public function length(): float
    {
        return $this->to - $this->from;
    }
}
