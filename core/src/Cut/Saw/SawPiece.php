<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Saw;

use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\Rect;

/** A piece of a sheet in the tree of its cuts: a part, an offcut, or a row of pieces that cuts along one axis set apart. */
final readonly class SawPiece
{
    /**
     * @param  'x'|'y'|null  $axis  along which the pieces of its row lie
     * @param  list<SawPiece>  $row  in order along the axis
     * @param  list<int>  $between  where the kerf begins between each piece of the row and the next
     * @param  int  $stage  changes of direction on the way from the sheet, the first cuts being 1
     */
    public function __construct(
        public Rect $rect,
        public ?Placement $part = null,
        public ?string $axis = null,
        public array $row = [],
        public array $between = [],
        public int $stage = 0,
        public bool $isTrim = false,
    ) {
    }

    public function isOffcut(): bool
    {
        return $this->part === null && $this->row === [];
    }

    /** @return list<Placement> what lies on it, row by row */
    public function parts(): array
    {
        return $this->row === [] ? ($this->part === null ? [] : [$this->part]) : array_merge(...array_map(fn (self $p): array => $p->parts(), $this->row));
    }

    /** @return iterable<SawPiece> itself and all that is cut from it */
    public function all(): iterable
    {
        yield $this;
        foreach ($this->row as $piece) {
            yield from $piece->all();
        }
    }
}
