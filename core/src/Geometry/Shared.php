<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/**
 * The room that two solids share, mm: its bounds, how thin it is at its thinnest, and how large. Outlines are convex. Blocks and solids
 * with the same axis are exact; of two that cross, the thinnest place is taken along the axes (our own derivation: at each level along the
 * axis that both outlines have, what they share is a rectangle, whose sides change evenly between corners).
 */
final readonly class Shared
{
    /** @param  array{float, float, float, float, float, float}  $box  x, y, z from and to */
    private function __construct(public array $box, public float $depth, public float $volume)
    {
    }

    /**
     * Null where they share nothing.
     *
     * @param  list<Block>  $without  rooms that are in neither
     */
    public static function of(Prism $a, Prism $b, array $without = []): ?self
    {
        $common = self::both(self::boxOf($a->bounds()), self::boxOf($b->bounds()));
        $found = null;
        foreach ($common === null ? [] : self::outside($common, array_map(self::boxOf(...), $without)) as $box) {
            $part = $a->isBlock() && $b->isBlock() ? self::ofBox($box) : ($a->axis === $b->axis ? self::alike($a, $b, $box) : self::crossing($a, $b, $box));
            $found = $part === null ? $found : ($found === null ? $part : $found->with($part));
        }

        return $found;
    }

    private function with(self $other): self
    {
        [$p, $q] = [$this->box, $other->box];
        $box = [min($p[0], $q[0]), max($p[1], $q[1]), min($p[2], $q[2]), max($p[3], $q[3]), min($p[4], $q[4]), max($p[5], $q[5])];

        return new self($box, max($this->depth, $other->depth), $this->volume + $other->volume);
    }

    /** @return array{float, float, float, float, float, float} */
    private static function boxOf(Block $b): array
    {
        $mm = fn (Length $l): float => $l->units / Length::PER_MM;

        return [$mm($b->from(Axis::X)), $mm($b->to(Axis::X)), $mm($b->from(Axis::Y)), $mm($b->to(Axis::Y)), $mm($b->from(Axis::Z)), $mm($b->to(Axis::Z))];
    }

    /**
     * @param  array{float, float, float, float, float, float}  $p
     * @param  array{float, float, float, float, float, float}  $q
     * @return array{float, float, float, float, float, float}|null
     */
    private static function both(array $p, array $q): ?array
    {
        $box = [max($p[0], $q[0]), min($p[1], $q[1]), max($p[2], $q[2]), min($p[3], $q[3]), max($p[4], $q[4]), min($p[5], $q[5])];

        return $box[0] < $box[1] && $box[2] < $box[3] && $box[4] < $box[5] ? $box : null;
    }

    /**
     * What is left of a box when others are taken out of it, in boxes.
     *
     * @param  array{float, float, float, float, float, float}  $box
     * @param  list<array{float, float, float, float, float, float}>  $without
     * @return list<array{float, float, float, float, float, float}>
     */
    private static function outside(array $box, array $without): array
    {
        $left = [$box];
        foreach ($without as $gone) {
            $next = [];
            foreach ($left as $rest) {
                $common = self::both($rest, $gone);
                if ($common === null) {
                    $next[] = $rest;

                    continue;
                }
                foreach ([0, 2, 4] as $k) {
                    [$low, $high] = [$rest, $rest];
                    [$low[$k + 1], $high[$k]] = [$common[$k], $common[$k + 1]];
                    array_push($next, ...array_filter([$low, $high], fn (array $b): bool => $b[$k] < $b[$k + 1]));
                    [$rest[$k], $rest[$k + 1]] = [$common[$k], $common[$k + 1]];
                }
            }
            $left = $next;
        }

        return $left;
    }

    /** @param  array{float, float, float, float, float, float}  $box */
    private static function ofBox(array $box): self
    {
        [$x, $y, $z] = [$box[1] - $box[0], $box[3] - $box[2], $box[5] - $box[4]];

        return new self($box, min($x, $y, $z), $x * $y * $z);
    }

    /**
     * Outlines over one another: what both have of them, as far as both reach along their axis.
     *
     * @param  array{float, float, float, float, float, float}  $box
     */
    private static function alike(Prism $a, Prism $b, array $box): ?self
    {
        [$k, $u, $v] = self::places($a->axis);
        $room = [[$box[$u], $box[$v]], [$box[$u + 1], $box[$v]], [$box[$u + 1], $box[$v + 1]], [$box[$u], $box[$v + 1]]];
        $face = Polygon::common(Polygon::common(Polygon::of($a->outline), Polygon::of($b->outline)), $room);
        if (count($face) < 3) {
            return null;
        }
        $long = $box[$k + 1] - $box[$k];
        $box = self::along(self::along($box, $u, Polygon::range($face, 0)), $v, Polygon::range($face, 1));

        return new self($box, min($long, Polygon::width($face)), Polygon::area($face) * $long);
    }

    /**
     * @param  array{float, float, float, float, float, float}  $box
     */
    private static function crossing(Prism $a, Prism $b, array $box): ?self
    {
        [$ka, $kb] = [self::places($a->axis)[0], self::places($b->axis)[0]];
        $n = 6 - $ka - $kb;
        [$of, $other] = [Polygon::of($a->outline), Polygon::of($b->outline)];
        // Each outline gives, at a level along the third axis, a stretch along the other's axis.
        $aIsUp = self::places($a->axis)[2] === $n;
        $bIsUp = self::places($b->axis)[2] === $n;
        $levels = [$box[$n], $box[$n + 1], ...array_column($of, $aIsUp ? 1 : 0), ...array_column($other, $bIsUp ? 1 : 0)];
        $levels = array_values(array_unique(array_filter($levels, fn (float $l): bool => $l >= $box[$n] && $l <= $box[$n + 1])));
        sort($levels);
        $at = function (float $level) use ($of, $other, $aIsUp, $bIsUp, $box, $ka, $kb): array {
            [$p, $q] = [Polygon::across($of, $level, $aIsUp), Polygon::across($other, $level, $bIsUp)];

            return [max(0.0, min($box[$kb + 1], $p[1]) - max($box[$kb], $p[0])), max(0.0, min($box[$ka + 1], $q[1]) - max($box[$ka], $q[0]))];
        };
        [$volume, $wide, $deep, $from, $to] = [0.0, 0.0, 0.0, INF, -INF];
        for ($i = 1; $i < count($levels); $i++) {
            [$low, $high] = [$levels[$i - 1], $levels[$i]];
            [[$w0, $d0], [$w1, $d1], [$w2, $d2]] = [$at($low + 1e-9), $at(($low + $high) / 2), $at($high - 1e-9)];
            $part = ($w0 * $d0 + 4 * $w1 * $d1 + $w2 * $d2) / 6 * ($high - $low);
            if ($part > 0.0) {
                [$volume, $from, $to] = [$volume + $part, min($from, $low), max($to, $high)];
                [$wide, $deep] = [max($wide, $w0, $w1, $w2), max($deep, $d0, $d1, $d2)];
            }
        }
        if ($volume <= 0.0) {
            return null;
        }

        return new self(self::along($box, $n, [$from, $to]), min($wide, $deep, $to - $from), $volume);
    }

    /**
     * @param  array{float, float, float, float, float, float}  $box
     * @param  array{float, float}  $range
     * @return array{float, float, float, float, float, float} the box from there to there along the axis that begins at a place
     */
    private static function along(array $box, int $k, array $range): array
    {
        return match ($k) {
            0 => [...$range, $box[2], $box[3], $box[4], $box[5]],
            2 => [$box[0], $box[1], ...$range, $box[4], $box[5]],
            default => [$box[0], $box[1], $box[2], $box[3], ...$range],
        };
    }

    /** @return array{int, int, int} where an axis and those of its outline, across and up, stand in a box */
    private static function places(Axis $axis): array
    {
        return match ($axis) {
            Axis::X => [0, 2, 4],
            Axis::Y => [2, 0, 4],
            Axis::Z => [4, 0, 2],
        };
    }
}
