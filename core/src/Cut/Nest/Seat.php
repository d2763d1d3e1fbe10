<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** Where an item goes: the corner of free piece n, its extents a × b with the kerf, and which of the two cuts that free it comes first. */
final readonly class Seat
{
    /** @param  bool  $acrossFirst  the first cut runs across x, or else along it */
    public function __construct(public int $n, public int $a, public int $b, public bool $acrossFirst)
    {
    }
}
