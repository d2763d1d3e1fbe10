<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Calendar;

/** So many minutes of one step on one day, by so many hands. */
final readonly class Slot
{
    public function __construct(public string $step, public int $from, public int $minutes, public int $hands, public bool $isLast)
    {
    }

    public function to(): int
    {
        return $this->from + $this->minutes;
    }
}
