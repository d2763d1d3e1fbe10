<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * A run along a wall: bands from the floor up. A run along a side wall has a `length` from the back wall to its free end;
 * in the corner it or the run along the back stops `cornerRoom` before the other's front, so that doors and drawers clear.
 */
final readonly class Run
{
    /** @param  array<string, Band>  $bands */
    public function __construct(
        public string $id,
        public RunWall $wall,
        public ?Length $length,
        public ?Length $depth,
        public CornerRule $corner,
        public Length $cornerRoom,
        public Methods $methods,
        public array $bands,
    ) {
    }

    public function first(BandKind $kind): ?Band
    {
        foreach ($this->bands as $band) {
            if ($band->kind === $kind) {
                return $band;
            }
        }

        return null;
    }

    public function hasBoxes(): bool
    {
        return $this->first(BandKind::Box) !== null;
    }

    /** What a separate base lifts the rest by. */
    public function plinthHeight(): Length
    {
        return $this->first(BandKind::Plinth)->height ?? Length::zero();
    }
}
