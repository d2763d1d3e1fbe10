<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;

/** A place where a board of the piece is screwed through to a stud: x along the wall, z up, in the house; the bay it is driven in. */
final readonly class WallScrew
{
    public function __construct(public Panel $board, public Length $x, public Length $z, public ?Cell $in)
    {
    }

    /** Goes in where that lies, seen from the room. */
    public function isBehind(Block $block): bool
    {
        return $this->x->isGreaterThan($block->from(Axis::X)) && $this->x->isLessThan($block->to(Axis::X))
            && $this->z->isGreaterThan($block->from(Axis::Z)) && $this->z->isLessThan($block->to(Axis::Z));
    }
}
