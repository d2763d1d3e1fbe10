<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** One sheet with its parts in place. */
final readonly class LaidSheet
{
    /** @param  non-empty-list<Placement>  $placements */
    public function __construct(public SheetKind $kind, public array $placements)
    {
    }

    public function usedArea(): int
    {
        return array_sum(array_map(fn (Placement $p): int => $p->area(), $this->placements));
    }
}
