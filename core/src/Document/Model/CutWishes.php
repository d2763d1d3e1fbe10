<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What the person asks of the sheet plan. */
final readonly class CutWishes
{
    /** @param  array<string, PartWish>  $parts  by part id; a part that is gone is left out of account */
    public function __construct(public Goal $goal = Goal::Leftover, public array $parts = [])
    {
    }

    public function of(string $part): PartWish
    {
        return $this->parts[$part] ?? new PartWish;
    }
}
