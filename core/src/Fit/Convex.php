<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

/** Convex shapes of moving things against upright blocks, in a plane, mm. */
final class Convex
{
    /**
     * They share more than a rim so wide (separating axes: the block's own, and square to each edge of the shape).
     *
     * @param  non-empty-list<array{float, float}>  $shape  its corners, round it
     * @param  array{float, float, float, float}  $block  from and to along both axes
     */
    public static function meets(array $shape, array $block, float $rim): bool
    {
        [$us, $vs] = [array_column($shape, 0), array_column($shape, 1)];
        if (max($us) <= $block[0] + $rim || min($us) >= $block[2] - $rim || max($vs) <= $block[1] + $rim || min($vs) >= $block[3] - $rim) {
            return false;
        }

        return ! self::isApart($shape, self::corners($block), $rim);
    }

    /**
     * As `meets`, of two shapes as they stand.
     *
     * @param  non-empty-list<array{float, float}>  $one
     * @param  non-empty-list<array{float, float}>  $other
     */
    public static function share(array $one, array $other, float $rim): bool
    {
        return ! self::isApart($one, $other, $rim) && ! self::isApart($other, $one, $rim);
    }

    /**
     * Square to one edge of the first they share no more than a rim.
     *
     * @param  non-empty-list<array{float, float}>  $one
     * @param  non-empty-list<array{float, float}>  $other
     */
    private static function isApart(array $one, array $other, float $rim): bool
    {
        foreach ($one as $i => $p) {
            $q = $one[($i + 1) % count($one)];
            $length = max(1e-9, hypot($q[0] - $p[0], $q[1] - $p[1]));
            [$u, $v] = [($p[1] - $q[1]) / $length, ($q[0] - $p[0]) / $length];
            [$a, $b] = [self::along($one, $u, $v), self::along($other, $u, $v)];
            if ($a[1] <= $b[0] + $rim || $b[1] <= $a[0] + $rim) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array{float, float, float, float}  $block
     * @return non-empty-list<array{float, float}>
     */
    public static function corners(array $block): array
    {
        return [[$block[0], $block[1]], [$block[2], $block[1]], [$block[2], $block[3]], [$block[0], $block[3]]];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return array{float, float} from and to along an axis
     */
    private static function along(array $points, float $u, float $v): array
    {
        [$from, $to] = [INF, -INF];
        foreach ($points as [$x, $y]) {
            $at = $x * $u + $y * $v;
            [$from, $to] = [min($from, $at), max($to, $at)];
        }

        return [$from, $to];
    }
}
