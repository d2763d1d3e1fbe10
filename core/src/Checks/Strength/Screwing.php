<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Fit\PlacedPiece;

/**
 * What a screw carries in a framed wall (fieldbook §7): 4.8 mm through 38 mm into spruce-pine-fir with 38 mm of bite, N; already what it
 * may be loaded with.
 */
final class Screwing
{
    private const BARE_N = 320.0;

    /** Through 12.7 mm of plasterboard. */
    private const LINED_N = 180.0;

    /** Square to its length. */
    public static function shear(PlacedPiece $built): float
    {
        return $built->room->space->build->lining?->isPositive() ? self::LINED_N : self::BARE_N;
    }
}
