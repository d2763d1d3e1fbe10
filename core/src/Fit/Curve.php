<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/**
 * A line through points that swings no further than they do: cubic between neighbours, its slope at each point the harmonic
 * mean of the slopes beside it and zero where they turn (Fritsch and Carlson 1980; Fritsch and Butland 1984). mm.
 */
final readonly class Curve
{
    /** @var list<array{float, float, float}> place, value, slope */
    private array $knots;

    /** @param  non-empty-list<array{float, float}>  $points  by rising place, no two at one place */
    public function __construct(array $points)
    {
        $steps = [];
        foreach ($points as $i => [$t, $v]) {
            if (isset($points[$i + 1])) {
                $h = $points[$i + 1][0] - $t;
                $steps[] = [$h, ($points[$i + 1][1] - $v) / $h];
            }
        }
        $knots = [];
        foreach ($points as $i => [$t, $v]) {
            [$before, $after] = [$steps[$i - 1] ?? null, $steps[$i] ?? null];
            $slope = match (true) {
                $before !== null && $after !== null => self::between($before, $after),
                $after !== null => self::end($after, $steps[$i + 1] ?? null),
                default => self::end($before, $steps[$i - 2] ?? null),
            };
            $knots[] = [$t, $v, $slope];
        }
        $this->knots = $knots;
    }

    /**
     * Through gaps along an edge, rounded down: the wall into the space.
     *
     * @param  non-empty-list<GapAt>  $gaps
     * @return \Closure(Length): GapAt
     */
    public static function through(array $gaps): \Closure
    {
        $curve = new self(array_map(fn (GapAt $g): array => [(float) $g->at->millimetres(), (float) $g->gap->millimetres()], $gaps));

        return fn (Length $at): GapAt => new GapAt($at,
            Length::ofUnits(Rounding::Down->apply(round($curve->at((float) $at->millimetres()) * Length::PER_MM, 3))), false);
    }

    /** Straight on beyond its ends. */
    public function at(float $t): float
    {
        foreach ($this->knots as $i => $knot) {
            $next = $this->knots[$i + 1] ?? null;
            if ($next === null || ($i === 0 && $t <= $knot[0])) {
                return $knot[1] + $knot[2] * ($t - $knot[0]);
            }
            if ($t <= $next[0]) {
                return self::cubic($knot, $next, $t);
            }
        }

        throw new \LogicException('A curve without points.');
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function cubic(array $a, array $b, float $t): float
    {
        $h = $b[0] - $a[0];
        $s = ($t - $a[0]) / $h;

        return $a[1] * (1 + 2 * $s) * (1 - $s) ** 2 + $h * $a[2] * $s * (1 - $s) ** 2 + $b[1] * $s ** 2 * (3 - 2 * $s) + $h * $b[2] * $s ** 2 * ($s - 1);
    }

    /**
     * @param  array{float, float}  $before  length and slope
     * @param  array{float, float}  $after
     */
    private static function between(array $before, array $after): float
    {
        [[$ha, $a], [$hb, $b]] = [$before, $after];
        if ($a * $b <= 0.0) {
            return 0.0;
        }
        [$wa, $wb] = [2 * $hb + $ha, $hb + 2 * $ha];

        return ($wa + $wb) / ($wa / $a + $wb / $b);
    }

    /**
     * Three points' own parabola, held back so that it does not swing past them.
     *
     * @param  array{float, float}|null  $near  length and slope; null for a single point
     * @param  array{float, float}|null  $far  null for two points
     */
    private static function end(?array $near, ?array $far): float
    {
        if ($near === null || $far === null) {
            return $near[1] ?? 0.0;
        }
        [[$ha, $a], [$hb, $b]] = [$near, $far];
        $slope = ((2 * $ha + $hb) * $a - $ha * $b) / ($ha + $hb);

        return match (true) {
            $slope * $a <= 0.0 => 0.0,
            $a * $b <= 0.0 && abs($slope) > 3 * abs($a) => 3 * $a,
            default => $slope,
        };
    }
}
