<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/**
 * A parallel picture of the house from the right and above: turned 28° about z, tilted 20°. With t and s for those angles a point falls at
 * across = x cos t − y sin t, up = z cos s − (x sin t + y cos t) sin s (our own choice; docs/frame.md). Not to scale along any axis.
 */
final class Axon
{
    private const TURN_DEG = 28.0;

    private const TILT_DEG = 20.0;

    public static function project(Place3 $p): Point
    {
        [$t, $s] = [deg2rad(self::TURN_DEG), deg2rad(self::TILT_DEG)];
        [$x, $y, $z] = [$p->x->units, $p->y->units, $p->z->units];
        // To a tenth of a millimetre: a picture, not a size.
        $tenth = fn (float $units): Length => Length::ofUnits((int) round($units / Length::PER_MM * 10) * intdiv(Length::PER_MM, 10));

        return new Point($tenth($x * cos($t) - $y * sin($t)), $tenth($z * cos($s) - ($x * sin($t) + $y * cos($t)) * sin($s)));
    }

    /** Whether a face that looks that way is seen: its normal in the house. */
    public static function sees(float $nx, float $ny, float $nz): bool
    {
        [$t, $s] = [deg2rad(self::TURN_DEG), deg2rad(self::TILT_DEG)];

        return $nx * sin($t) * cos($s) + $ny * cos($t) * cos($s) + $nz * sin($s) > 1e-9;
    }
}
