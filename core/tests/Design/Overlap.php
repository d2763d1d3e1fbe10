<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Prism;

/** Where two panels are in the same place, found without the code that makes them: convex outlines cut with each other. mm. */
final class Overlap
{
    private const TOUCH_MM = 0.001;

    /** @return array{list<float>, list<float>}|null the bounds of what both fill, or null where they only touch */
    public static function of(Panel $a, Panel $b): ?array
    {
        if (self::block($a->block, $b->block) === null) {
            return null;
        }
        // Two that slope different ways are looked at from both sides: they are apart if they are from either.
        if (! $a->solid->isBlock() && ! $b->solid->isBlock() && $a->solid->axis !== $b->solid->axis && self::seenAlong($b->solid->axis, $a, $b) === null) {
            return null;
        }

        return self::seenAlong($a->solid->isBlock() ? $b->solid->axis : $a->solid->axis, $a, $b);
    }

    /** @return array{list<float>, list<float>}|null */
    private static function seenAlong(Axis $axis, Panel $a, Panel $b): ?array
    {
        [$p, $q] = [self::along($a->solid, $axis), self::along($b->solid, $axis)];
        $from = max($p->from->units, $q->from->units) / 40_000;
        $to = min($p->to->units, $q->to->units) / 40_000;
        $common = self::cut(self::points($p), self::points($q));
        if ($to - $from <= self::TOUCH_MM || count($common) < 3) {
            return null;
        }
        [$u, $v] = [array_column($common, 0), array_column($common, 1)];
        if (self::area($common) <= 0.01 * (max($u) - min($u) + max($v) - min($v))) {
            return null;
        }
        $low = [min($u), min($v)];
        $high = [max($u), max($v)];

        return match ($axis) {
            Axis::X => [[$from, ...$low], [$to, ...$high]],
            Axis::Y => [[$low[0], $from, $low[1]], [$high[0], $to, $high[1]]],
            Axis::Z => [[...$low, $from], [...$high, $to]],
        };
    }

    /** @param  array{list<float>, list<float>}  $place */
    public static function isInside(array $place, Block $block): bool
    {
        foreach (['x', 'y', 'z'] as $i => $axis) {
            $from = $block->corner->$axis->units / 40_000;
            $to = $from + $block->size->$axis->units / 40_000;
            if ($place[0][$i] < $from - self::TOUCH_MM || $place[1][$i] > $to + self::TOUCH_MM) {
                return false;
            }
        }

        return true;
    }

    private static function along(Prism $solid, Axis $axis): Prism
    {
        return $solid->axis === $axis ? $solid : Prism::of($solid->bounds(), $axis);
    }

    private static function block(Block $a, Block $b): ?bool
    {
        foreach (['x', 'y', 'z'] as $axis) {
            $from = max($a->corner->$axis->units, $b->corner->$axis->units);
            $to = min($a->corner->$axis->units + $a->size->$axis->units, $b->corner->$axis->units + $b->size->$axis->units);
            if ($to - $from <= 40) {
                return null;
            }
        }

        return true;
    }

    /** @return list<array{float, float}> anticlockwise */
    private static function points(Prism $solid): array
    {
        $points = array_map(fn (Point $p): array => [$p->across->units / 40_000, $p->up->units / 40_000], $solid->outline);

        return self::area($points) < 0 ? array_reverse($points) : $points;
    }

    /** @param  list<array{float, float}>  $points */
    private static function area(array $points): float
    {
        $sum = 0.0;
        foreach ($points as $i => [$x, $y]) {
            [$u, $v] = $points[($i + 1) % count($points)];
            $sum += $x * $v - $u * $y;
        }

        return $sum / 2;
    }

    /**
     * What of the first lies in the second (Sutherland and Hodgman 1974).
     *
     * @param  list<array{float, float}>  $subject
     * @param  list<array{float, float}>  $by
     * @return list<array{float, float}>
     */
    private static function cut(array $subject, array $by): array
    {
        foreach ($by as $i => [$x1, $y1]) {
            [$x2, $y2] = $by[($i + 1) % count($by)];
            $side = fn (array $p): float => ($x2 - $x1) * ($p[1] - $y1) - ($y2 - $y1) * ($p[0] - $x1);
            $kept = [];
            foreach ($subject as $k => $p) {
                $q = $subject[($k + 1) % count($subject)];
                [$s, $t] = [$side($p), $side($q)];
                if ($s >= 0) {
                    $kept[] = $p;
                }
                if (($s > 0 && $t < 0) || ($s < 0 && $t > 0)) {
                    $kept[] = [$p[0] + $s / ($s - $t) * ($q[0] - $p[0]), $p[1] + $s / ($s - $t) * ($q[1] - $p[1])];
                }
            }
            $subject = $kept;
        }

        return $subject;
    }
}
