<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\LowEnd;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;

/** What is overhead as a line: where it turns. Where nobody has read a height it stays clear of what stands there. */
final readonly class OverheadLine
{
    private const STRIPS = 60;

    private bool $hasSteps;

    public function __construct(private Room $room, private Length $atLeast)
    {
        $this->hasSteps = $room->overhead->steps !== [];
    }

    public function at(Length $x, Length $y): Length
    {
        $height = Clip::nearest($this->room->overhead->at($x->units, $y->units));

        return $this->room->overhead->isKnown() || $this->room->space->slope !== null ? $height : Length::greatest($height, $this->atLeast);
    }

    public function highest(Length $width, Length $depth): Length
    {
        $zero = Length::zero();

        return Length::greatest($this->at($zero, $zero), $this->at($width, $zero), $this->at($zero, $depth), $this->at($width, $depth));
    }

    /** @return list<Point> bends between two places along the run, from left to right */
    public function alongRun(Length $from, Length $to, Length $y): array
    {
        if ($this->room->space->slope?->low === LowEnd::Back || ($this->room->space->slope === null && ! $this->hasSteps)) {
            return [];
        }

        return self::bends($from, $to, fn (Length $x): Length => $this->at($x, $y), $this->hasSteps);
    }

    /** @return list<Point> bends along the depth, from the back out */
    public function alongDepth(Length $from, Length $to, Length $x): array
    {
        return $this->room->space->slope?->low === LowEnd::Back ? self::bends($from, $to, fn (Length $y): Length => $this->at($x, $y), false) : [];
    }

    /**
     * Only where the line turns: strips whose height is on the line of their neighbours are left out.
     *
     * @param  \Closure(Length): Length  $height
     * @return list<Point>
     */
    private static function bends(Length $from, Length $to, \Closure $height, bool $steps): array
    {
        $strip = fn (int $i): Length => Length::ofUnits($from->units + intdiv(($to->units - $from->units) * $i, self::STRIPS));
        $bends = [];
        for ($i = 1; $i < self::STRIPS; $i++) {
            [$before, $here, $after] = [$height($strip($i - 1)), $height($strip($i)), $height($strip($i + 1))];
            if (abs($before->units + $after->units - 2 * $here->units) > Length::PER_MM) {
                $bends[] = new Point($strip($i), $here);
            }
            if ($steps && abs($after->units - $here->units) > 20 * Length::PER_MM) {
                $bends[] = new Point($strip($i + 1), $here);
            }
        }

        return $bends;
    }
}
