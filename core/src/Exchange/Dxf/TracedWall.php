<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Dxf;

/**
 * A wall traced as an outline, as offsets along a scribed edge: how far it stands from the straight side opposite it, station by station.
 * Of an open line, from where it comes in furthest.
 */
final class TracedWall
{
    private const STATIONS = 24;

    /** Deeper than this it is no scribe, mm. */
    public const DEEPEST = 300.0;

    /**
     * By `at` from the lower (or left) end of the outline, mm; null where it is too deep, or too short to have a line.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @param  string  $side  where the wall is: left, right, top or bottom
     * @return list<array{at: float, gap: float}>|null
     */
    public static function along(array $points, bool $closed, string $side): ?array
    {
        $turned = array_map(fn (array $p): array => match ($side) {
            'left' => [-$p[0], $p[1]], 'right' => [$p[0], $p[1]], 'top' => [$p[1], $p[0]], default => [-$p[1], $p[0]],
        }, $points);
        [$low, $high] = self::span($turned);
        if ($high - $low < 50.0) {
            return null;
        }
        $edges = self::edges($turned, $closed);
        $line = [];
        foreach (self::places($low, $high) as $at) {
            $line[] = ['at' => round($at - $low, 3), 'out' => self::furthest($edges, $at)];
        }
        $base = min([...array_column($line, 'out'), ...($closed ? array_column($turned, 0) : [])] ?: [0.0]);
        $gaps = array_map(fn (array $s): array => ['at' => $s['at'], 'gap' => round($s['out'] - $base, 2)], $line);

        return array_filter($gaps, fn (array $g): bool => $g['gap'] > self::DEEPEST) === [] ? $gaps : null;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return list<array{array{float, float}, array{float, float}}>
     */
    private static function edges(array $points, bool $closed): array
    {
        $edges = [];
        for ($i = 1, $n = count($points); $i < $n + ($closed ? 1 : 0); $i++) {
            $edges[] = [$points[$i - 1], $points[$i % $n]];
        }

        return $edges;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return array{float, float}
     */
    private static function span(array $points): array
    {
        [$low, $high] = [$points[0][1], $points[0][1]];
        foreach ($points as [, $y]) {
            [$low, $high] = [min($low, $y), max($high, $y)];
        }

        return [$low, $high];
    }

    /** @return list<float> even steps, a little inside both ends, where an end's own side would be met */
    private static function places(float $low, float $high): array
    {
        $inside = 0.01;

        return array_map(fn (int $i): float => min($high - $inside, max($low + $inside, $low + ($high - $low) * $i / self::STATIONS)),
            range(0, self::STATIONS));
    }

    /** @param  list<array{array{float, float}, array{float, float}}>  $edges */
    private static function furthest(array $edges, float $at): float
    {
        $out = -INF;
        foreach ($edges as [$p, $q]) {
            if (min($p[1], $q[1]) <= $at && $at <= max($p[1], $q[1])) {
                $t = abs($q[1] - $p[1]) < 1e-12 ? 0.0 : ($at - $p[1]) / ($q[1] - $p[1]);
                $out = max($out, $p[0] + $t * ($q[0] - $p[0]));
            }
        }

        return is_finite($out) ? $out : 0.0;
    }
}
