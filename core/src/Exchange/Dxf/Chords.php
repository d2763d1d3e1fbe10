<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Dxf;

/** Curves as chords, none further from its curve than a tenth of a millimetre, and at least one every fifteen degrees. */
final class Chords
{
    private const SAGITTA = 0.1;

    private const WIDEST = M_PI / 12;

    /**
     * An arc from one angle over a sweep (radians, counter-clockwise where positive), both ends included.
     *
     * @param  array{float, float, float}  $circle  its centre and its radius
     * @param  float  $mm  mm in a unit of the drawing
     * @return list<array{float, float}>
     */
    public static function arc(array $circle, float $from, float $sweep, float $mm): array
    {
        [$x, $y, $radius] = $circle;
        $step = $radius * $mm <= self::SAGITTA ? self::WIDEST : min(self::WIDEST, 2 * acos(1 - self::SAGITTA / ($radius * $mm)));
        $n = max(1, min(720, (int) ceil(abs($sweep) / $step)));
        // A whole circle reaches its four sides.
        $n = abs(abs($sweep) - 2 * M_PI) < 1e-9 ? 4 * (int) ceil($n / 4) : $n;
        $points = [];
        for ($i = 0; $i <= $n; $i++) {
            $at = $from + $sweep * $i / $n;
            $points[] = [$x + $radius * cos($at), $y + $radius * sin($at)];
        }

        return $points;
    }

    /**
     * From one corner of a polyline to the next, the first left out; a bulge is the tangent of a quarter of the arc's angle.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @return list<array{float, float}>
     */
    public static function bulged(array $a, array $b, float $bulge, float $mm): array
    {
        $chord = hypot($b[0] - $a[0], $b[1] - $a[1]);
        if (abs($bulge) < 1e-9 || $chord < 1e-12) {
            return [$b];
        }
        $sweep = 4 * atan($bulge);
        $radius = $chord / (2 * abs(sin($sweep / 2)));
        // The centre lies on the chord's perpendicular, on the left where the arc is short and counter-clockwise.
        $off = $chord / 2 / tan($sweep / 2);
        [$dx, $dy] = [($b[0] - $a[0]) / $chord, ($b[1] - $a[1]) / $chord];
        [$cx, $cy] = [($a[0] + $b[0]) / 2 - $dy * $off, ($a[1] + $b[1]) / 2 + $dx * $off];
        $points = self::arc([$cx, $cy, $radius], atan2($a[1] - $cy, $a[0] - $cx), $sweep, $mm);
        $points[count($points) - 1] = $b;

        return array_slice($points, 1);
    }
}
