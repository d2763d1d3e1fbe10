<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;

/** One screw through a board into the wall behind it: x along the wall and z up, in the house, and how long it is. */
final readonly class WallFastener
{
    public function __construct(public string $id, public Panel $board, public Hold $in, public Length $x, public Length $z, public Length $screw)
    {
    }

    /** Goes in where that lies, seen from the room. */
    public function isBehind(Block $block): bool
    {
        return $this->x->isGreaterThan($block->from(Axis::X)) && $this->x->isLessThan($block->to(Axis::X))
            && $this->z->isGreaterThan($block->from(Axis::Z)) && $this->z->isLessThan($block->to(Axis::Z));
    }

    /** The bay it is driven in; null where it is none. */
    public function bay(Design $design): ?Cell
    {
        foreach ($design->cells as $id => $cell) {
            $isTurned = isset($design->turns[$id]) && ! $design->turns[$id]->isNone();
            if (! $isTurned && ! $this->x->isLessThan($cell->x->from) && ! $this->x->isGreaterThan($cell->x->to())
                && ! $this->z->isLessThan($cell->z->from) && ! $this->z->isGreaterThan($cell->z->to())) {
                return $cell;
            }
        }

        return null;
    }
}
