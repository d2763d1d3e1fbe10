<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** One sheet with its parts in place. */
final readonly class LaidSheet
{
    /**
     * @param  non-empty-list<Placement>  $placements
     * @param  list<string>  $locked  parts that stay where they are
     */
    public function __construct(public SheetKind $kind, public array $placements, public array $locked = [])
    {
    }

    /** @return list<Placement> */
    public function held(): array
    {
        return array_values(array_filter($this->placements, fn (Placement $p): bool => in_array($p->item, $this->locked, true)));
    }

    /** Null when nothing on it is locked. */
    public function lockedOnly(): ?self
    {
        $held = $this->held();

        return $held === [] ? null : new self($this->kind, $held, $this->locked);
    }

    public function usedArea(): int
    {
        return array_sum(array_map(fn (Placement $p): int => $p->area(), $this->placements));
    }
}
