<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/**
 * An outline to be marked out: each corner by its distances from the left and the lower edge, its angle read both ways, the edge
 * that goes on from it, and diagonals to prove it by.
 */
final class Corners
{
    /** Beyond so many corners diagonals prove nothing that the distances do not. */
    private const PROVED = 5;

    /**
     * @param  list<Point>  $loop  anticlockwise
     * @return list<array{across: Length, up: Length, angle: Angle, off_square: Angle, edge: Length}>
     */
    public static function of(array $loop): array
    {
        $n = count($loop);
        $corners = [];
        foreach ($loop as $i => $p) {
            [$before, $next] = [$loop[($i + $n - 1) % $n], $loop[($i + 1) % $n]];
            $inside = fmod(self::heading($p, $before) - self::heading($p, $next) + 720.0, 360.0);
            $corners[] = ['across' => $p->across, 'up' => $p->up, 'angle' => Angle::ofDegrees($inside),
                'off_square' => Angle::ofDegrees(abs(90.0 - ($inside > 180.0 ? 360.0 - $inside : $inside))), 'edge' => self::between($p, $next)];
        }

        return $corners;
    }

    /**
     * @param  list<Point>  $loop
     * @return list<array{from: int, to: int, length: Length}> by the corners' numbers, from 1
     */
    public static function diagonals(array $loop): array
    {
        $n = count($loop);
        $found = [];
        for ($i = 0; $n <= self::PROVED && $i < $n; $i++) {
            for ($j = $i + 2; $j < $n - ($i === 0 ? 1 : 0); $j++) {
                $found[] = ['from' => $i + 1, 'to' => $j + 1, 'length' => self::between($loop[$i], $loop[$j])];
            }
        }

        return $found;
    }

    private static function heading(Point $from, Point $to): float
    {
        return rad2deg(atan2((float) $to->up->minus($from->up)->units, (float) $to->across->minus($from->across)->units));
    }

    /** To the nearest tenth of a millimetre: nobody reads a tape closer. */
    private static function between(Point $a, Point $b): Length
    {
        $tenth = intdiv(Length::PER_MM, 10);

        return Length::ofUnits(Rounding::Nearest->apply(hypot($b->across->minus($a->across)->units, $b->up->minus($a->up)->units) / $tenth) * $tenth);
    }
}
