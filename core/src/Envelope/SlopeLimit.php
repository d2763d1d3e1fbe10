<?php

declare(strict_types=1);

namespace Incastro\Core\Envelope;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Slant;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;

/**
 * The straight line that a piece under a slope stays under: through the slope's lowest readings at both ends of the footprint,
 * lowered by what the slope sags between them, then by the clearance square to it (fieldbook §4: c/cosθ upright).
 */
final class SlopeLimit
{
    private const STRIPS = 4;

    public static function of(Piece $piece, Room $room, Length $left, Length $right): ?Slant
    {
        $slope = $room->space->slope;
        if ($slope === null || ! $room->shape->knows(Surface::Slope)) {
            return null;
        }
        $depth = $piece->depth->units;
        [$from, $to, $at] = $slope->along === Along::Depth
            ? [0, $depth, fn (float $y): float => self::least(
                fn (float $s): float => $room->shape->at(Surface::Slope, $left->units + $s * ($right->units - $left->units), $y))]
            : [$left->units, $right->units, fn (float $x): float => self::least(fn (float $s): float => $room->shape->at(Surface::Slope, $x, $s * $depth))];
        if ($to <= $from) {
            return null;
        }
        [$low, $high] = [$at($from), $at($to)];
        $rise = ($high - $low) * Length::PER_MM / ($to - $from);
        $sag = 0.0;
        for ($i = 1; $i < self::STRIPS; $i++) {
            $x = $from + ($to - $from) * $i / self::STRIPS;
            $sag = max($sag, $low + ($high - $low) * $i / self::STRIPS - $at($x));
        }
        $at0 = ($low - $sag) * Length::PER_MM - $rise * $from;
        $line = new Slant($slope->along === Along::Depth ? Axis::Y : Axis::X, Length::ofUnits(Rounding::Down->apply(round($at0, 3))), $rise);

        return $line->loweredBy($piece->slopeClear);
    }

    /** @param  \Closure(float): float  $at  over 0…1 */
    private static function least(\Closure $at): float
    {
        return min($at(0.0), $at(0.5), $at(1.0));
    }
}
