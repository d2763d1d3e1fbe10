<?php

declare(strict_types=1);

namespace Incastro\Core\Envelope;

use Incastro\Core\Document\Side;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\WallPoint;

/** What a piece is given: the plumb clear width where it stands, and the carcass that follows. */
final readonly class Box
{
    /** @param  array<string, Figure>  $setOff by side, at the tightest plumb point */
    public function __construct(
        public WallPoint $greatestLeft,
        public WallPoint $leastRight,
        public Figure $clear,
        public Figure $width,
        public Figure $height,
        public Figure $depth,
        public Length $left,
        public Length $bottom,
        public Length $floor,
        public array $setOff,
    ) {
    }

    public function right(): Length
    {
        return $this->left->plus($this->width->value);
    }

    public function top(): Length
    {
        return $this->bottom->plus($this->height->value);
    }

    public function edge(Side $side): Length
    {
        return $side === Side::Left ? $this->left : $this->right();
    }
}
