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
        [$cosT, $sinT, $cosS, $sinS] = self::turned();
        [$x, $y, $z] = [$p->x->units, $p->y->units, $p->z->units];

        return new Point(self::tenth($x * $cosT - $y * $sinT), self::tenth($z * $cosS - ($x * $sinT + $y * $cosT) * $sinS));
    }

    /** Whether a face that looks that way is seen: its normal in the house. */
    public static function sees(float $nx, float $ny, float $nz): bool
    {
        [$cosT, $sinT, $cosS, $sinS] = self::turned();

        return $nx * $sinT * $cosS + $ny * $cosT * $cosS + $nz * $sinS > 1e-9;
    }

    /** To a tenth of a millimetre: a picture, not a size. */
    private static function tenth(float $units): Length
    {
        return Length::ofUnits((int) round($units / Length::PER_MM * 10) * intdiv(Length::PER_MM, 10));
    }

    /** @return array{float, float, float, float} cosine and sine of the turn, then of the tilt */
    private static function turned(): array
    {
        /** @var array{float, float, float, float}|null $turned */
        static $turned = null;

        return $turned ??= [cos(deg2rad(self::TURN_DEG)), sin(deg2rad(self::TURN_DEG)), cos(deg2rad(self::TILT_DEG)), sin(deg2rad(self::TILT_DEG))];
    }
}
