<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/**
 * What is left of an outline when upright rectangles are taken out of it: outer outlines one way round, holes the other. The one
 * mechanism by which things in the way cut panels. Exact on the grid where edges are upright or level; where a slanting edge
 * meets a rectangle's side the corner is rounded to the grid (25 nm).
 *
 * The four strips beside, below and above a rectangle tile all but the rectangle. Clipping a loop to a half-plane (Sutherland and
 * Hodgman 1974) keeps what it winds about, bridges along the cut included; where strips meet their edges run against each other
 * and cancel, the bridges with them.
 */
final readonly class Region
{
    /** @param  list<list<Point>>  $loops  each without a repeated end */
    private function __construct(public array $loops)
    {
    }

    /** @param  list<Point>  $outline */
    public static function of(array $outline): self
    {
        return new self([$outline]);
    }

    public function without(Point $low, Point $high): self
    {
        if (! $low->across->isLessThan($high->across) || ! $low->up->isLessThan($high->up)) {
            return $this;
        }
        $pieces = [];
        foreach ($this->loops as $outline) {
            [$left, $rest] = self::split($outline, true, $low->across);
            [$middle, $right] = self::split($rest, true, $high->across);
            [$below, $above] = self::split($middle, false, $low->up);
            [, $over] = self::split($above, false, $high->up);
            array_push($pieces, $left, $right, $below, $over);
        }

        return new self((new Stitch($low, $high))->loops(array_values(array_filter($pieces, fn (array $p): bool => count($p) > 2))));
    }

    /** Square mm. Holes run the other way round and count against. */
    public function area(): float
    {
        return abs(array_sum(array_map(self::twice(...), $this->loops))) / 2 / Length::PER_MM / Length::PER_MM;
    }

    public function isWhole(): bool
    {
        return count(array_filter($this->loops, fn (array $l): bool => self::twice($l) > 0)) === 1;
    }

    /** @param  list<Point>  $loop */
    public static function twice(array $loop): int
    {
        $sum = 0;
        $n = count($loop);
        foreach ($loop as $i => $p) {
            $q = $loop[($i + 1) % $n];
            // From the first corner, so that the products stay small.
            $sum += ($p->across->units - $loop[0]->across->units) * ($q->up->units - $loop[0]->up->units)
                - ($q->across->units - $loop[0]->across->units) * ($p->up->units - $loop[0]->up->units);
        }

        return $sum;
    }

    /**
     * @param  list<Point>  $loop
     * @return array{list<Point>, list<Point>} the side with lower values, and the other
     */
    private static function split(array $loop, bool $isAcross, Length $at): array
    {
        $of = fn (Point $p): int => $isAcross ? $p->across->units : $p->up->units;
        $sides = [[], []];
        $n = count($loop);
        foreach ($loop as $i => $p) {
            $q = $loop[($i + 1) % $n];
            [$a, $b] = [$of($p) - $at->units, $of($q) - $at->units];
            if ($a <= 0) {
                $sides[0][] = $p;
            }
            if ($a >= 0) {
                $sides[1][] = $p;
            }
            if (($a < 0 && $b > 0) || ($a > 0 && $b < 0)) {
                $share = $a / ($a - $b);
                $along = fn (Length $from, Length $to): Length => Length::ofUnits((int) round($from->units + $share * ($to->units - $from->units)));
                $cross = $isAcross ? new Point($at, $along($p->up, $q->up)) : new Point($along($p->across, $q->across), $at);
                $sides[0][] = $cross;
                $sides[1][] = $cross;
            }
        }

        return $sides;
    }
}
