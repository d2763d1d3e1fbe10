<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Length;

/**
 * Two panels that meet along an axis of the run's frame. `play` is the air between their faces; `depth` is how far the first
 * is let into the second, which has as much taken out.
 */
final readonly class Joint
{
    public function __construct(
        public string $first,
        public string $second,
        public JointKind $kind,
        public Axis $axis,
        public Length $play,
        public Length $depth,
    ) {
    }

    /** As it is in the house. */
    public function turned(Turn $turn): self
    {
        return $turn->isNone() ? $this : new self($this->first, $this->second, $this->kind, $turn->axis($this->axis), $this->play, $this->depth);
    }
}
