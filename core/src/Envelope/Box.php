<?php

declare(strict_types=1);

namespace Incastro\Core\Envelope;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Slant;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\WallPoint;

/** What a piece is given: the plumb clear width where it stands, and the carcass that follows. */
final readonly class Box
{
    /**
     * @param  array<string, Figure>  $setOff  by side, at the tightest plumb point
     * @param  Length  $floor  what the base stands on, or where a hung piece begins
     * @param  Length  $rear  y that depths are counted from: the back wall, or the face of a breast
     * @param  Slant|null  $limit  the slope that everything stays under, clearance taken off
     * @param  array<string, Length>  $studs  x by reference
     */
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
        public Length $rear,
        public ?Slant $limit = null,
        public array $studs = [],
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
