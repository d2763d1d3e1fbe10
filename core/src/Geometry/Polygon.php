<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/** Convex outlines, mm, anticlockwise. */
final class Polygon
{
    /**
     * @param  list<Point>  $outline  either way round
     * @return list<array{float, float}>
     */
    public static function of(array $outline): array
    {
        $points = array_map(fn (Point $p): array => [$p->across->units / Length::PER_MM, $p->up->units / Length::PER_MM], $outline);

        return self::turned($points);
    }

    /**
     * @param  list<array{float, float}>  $points  either way round
     * @return list<array{float, float}>
     */
    public static function turned(array $points): array
    {
        return self::twice($points) < 0.0 ? array_reverse($points) : $points;
    }

    /**
     * What both have (Sutherland and Hodgman, 1974).
     *
     * @param  list<array{float, float}>  $a
     * @param  list<array{float, float}>  $b
     * @return list<array{float, float}>
     */
    public static function common(array $a, array $b): array
    {
        foreach ($b as $i => $p) {
            $q = $b[($i + 1) % count($b)];
            [$du, $dv] = [$q[0] - $p[0], $q[1] - $p[1]];
            $kept = [];
            foreach ($a as $j => $r) {
                $s = $a[($j + 1) % count($a)];
                [$m, $n] = [$du * ($r[1] - $p[1]) - $dv * ($r[0] - $p[0]), $du * ($s[1] - $p[1]) - $dv * ($s[0] - $p[0])];
                if ($m >= 0.0) {
                    $kept[] = $r;
                }
                if (($m > 0.0 && $n < 0.0) || ($m < 0.0 && $n > 0.0)) {
                    $t = $m / ($m - $n);
                    $kept[] = [$r[0] + $t * ($s[0] - $r[0]), $r[1] + $t * ($s[1] - $r[1])];
                }
            }
            $a = $kept;
        }

        return $a;
    }

    /** @param  list<array{float, float}>  $points */
    public static function area(array $points): float
    {
        return abs(self::twice($points)) / 2;
    }

    /**
     * Between the two nearest lines that hold it between them: one lies along an edge.
     *
     * @param  list<array{float, float}>  $points
     */
    public static function width(array $points): float
    {
        $least = INF;
        foreach ($points as $i => $p) {
            $q = $points[($i + 1) % count($points)];
            $long = hypot($q[0] - $p[0], $q[1] - $p[1]);
            if ($long > 1e-9) {
                $far = array_map(fn (array $r): float => abs(($q[0] - $p[0]) * ($r[1] - $p[1]) - ($q[1] - $p[1]) * ($r[0] - $p[0])) / $long, $points);
                $least = min($least, max(0.0, ...$far));
            }
        }

        return $least === INF ? 0.0 : $least;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return array{float, float} from and to of what lies at a level; the first after the second where nothing does
     */
    public static function across(array $points, float $level, bool $isUp): array
    {
        [$l, $w] = $isUp ? [1, 0] : [0, 1];
        [$from, $to] = [INF, -INF];
        foreach ($points as $i => $p) {
            $q = $points[($i + 1) % count($points)];
            if (min($p[$l], $q[$l]) > $level || max($p[$l], $q[$l]) < $level) {
                continue;
            }
            $ends = $p[$l] === $q[$l] ? [$p[$w], $q[$w]] : [$p[$w] + ($level - $p[$l]) / ($q[$l] - $p[$l]) * ($q[$w] - $p[$w])];
            [$from, $to] = [min($from, ...$ends), max($to, ...$ends)];
        }

        return [$from, $to];
    }

    /**
     * @param  list<array<int, float>>  $points
     * @return array{float, float} least and greatest of a coordinate
     */
    public static function range(array $points, int $k): array
    {
        [$from, $to] = [INF, -INF];
        foreach ($points as $p) {
            [$from, $to] = [min($from, $p[$k]), max($to, $p[$k])];
        }

        return [$from, $to];
    }

    /** @param  list<array{float, float}>  $points */
    private static function twice(array $points): float
    {
        $sum = 0.0;
        foreach ($points as $i => $p) {
            $q = $points[($i + 1) % count($points)];
            $sum += $p[0] * $q[1] - $q[0] * $p[1];
        }

        return $sum;
    }
}
