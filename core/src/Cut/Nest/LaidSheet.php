<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Begun\BegunSheet;
use Incastro\Core\Cut\Begun\MadePiece;

/** One sheet with its parts in place. */
final readonly class LaidSheet
{
    /**
     * @param  list<Placement>  $placements  none only on a begun sheet that is cut no further
     * @param  list<string>  $locked  parts that stay where they are
     * @param  string|null  $begun  the fact that it was begun; null while it is whole
     * @param  BegunSheet|null  $opened  how it was laid when it was begun
     * @param  array<string, MadePiece>  $pieces  what the placements of a begun sheet are, by the id they are laid by
     */
    public function __construct(public SheetKind $kind, public array $placements, public array $locked = [],
        public ?string $begun = null, public ?BegunSheet $opened = null, public array $pieces = [])
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

    /** Null when nothing else lies on it. */
    public function without(string $part): ?self
    {
        $rest = array_values(array_filter($this->placements, fn (Placement $p): bool => $p->item !== $part));

        return $rest === [] ? null : new self($this->kind, $rest, array_values(array_filter($this->locked, fn (string $id): bool => $id !== $part)));
    }

    public function usedArea(): int
    {
        return array_sum(array_map(fn (Placement $p): int => $p->area(), $this->placements));
    }
}
