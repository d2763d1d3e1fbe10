<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\Methods;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/**
 * The clear opening of one bay, in the run's own frame: x along the wall, y from its rear to its front, z up. `mouth` is what
 * is seen of it from the front, narrower behind a face frame. `least` is the height that is free all over it under a slope.
 */
final readonly class Cell
{
    public function __construct(
        public Bay $bay,
        public string $label,
        public Span $x,
        public Span $y,
        public Span $z,
        public Bounding $by,
        public Methods $methods,
        public Board $board,
        public Board $back,
        public Mouth $mouth,
        public Length $least,
        public Length $floor,
    ) {
    }

    /** In the run's own frame. */
    public function block(): Block
    {
        return new Block(new Place3($this->x->from, $this->y->from, $this->z->from), new Place3($this->x->value(), $this->y->value(), $this->z->value()));
    }

    public function isUnderSlope(): bool
    {
        return $this->least->isLessThan($this->z->value());
    }
}
