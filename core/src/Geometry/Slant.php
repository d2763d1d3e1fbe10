<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** A straight line over a run or a depth: its height `at0`, and what it rises a unit along the axis. */
final readonly class Slant
{
    public function __construct(public Axis $along, public Length $at0, public float $rise)
    {
    }

    /** Rounded down: what must stay under the line stays under it. */
    public function at(Length $along): Length
    {
        return Length::ofUnits(Rounding::Down->apply(round($this->at0->units + $this->rise * $along->units, 3)));
    }

    /** Where it is at a height, rounded to the side on which it is higher. Null for a level line. */
    public function where(Length $height): ?Length
    {
        if (abs($this->rise) < 1e-9) {
            return null;
        }
        $at = round(($height->units - $this->at0->units) / $this->rise, 3);

        return Length::ofUnits(($this->rise > 0 ? Rounding::Up : Rounding::Down)->apply($at));
    }

    /** Lowered so that it stands so far below, measured square to it. */
    public function loweredBy(Length $square): self
    {
        return new self($this->along, Length::ofUnits($this->at0->units - Rounding::Up->apply(round($square->units * $this->stretch(), 3))), $this->rise);
    }

    public function raisedBy(Length $vertical): self
    {
        return new self($this->along, $this->at0->plus($vertical), $this->rise);
    }

    public function movedBy(Length $along): self
    {
        return new self($this->along, Length::ofUnits(Rounding::Down->apply(round($this->at0->units - $this->rise * $along->units, 3))), $this->rise);
    }

    /** 1/cosθ: what a thickness square to the line measures upright. */
    public function stretch(): float
    {
        return hypot(1.0, $this->rise);
    }

    /** The lower of its heights at two places. */
    public function least(Length $from, Length $to): Length
    {
        return Length::least($this->at($from), $this->at($to));
    }
}
