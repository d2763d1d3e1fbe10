<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** When a day's work begins and how long it is; minutes, 0 for a day off. */
final readonly class WorkDay
{
    public function __construct(public int $from, public int $minutes)
    {
    }

    public function to(): int
    {
        return $this->from + $this->minutes;
    }
}
