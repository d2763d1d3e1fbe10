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
        $corners = self::corners($block);
        foreach ($shape as $i => $p) {
            $q = $shape[($i + 1) % count($shape)];
            $length = max(1e-9, hypot($q[0] - $p[0], $q[1] - $p[1]));
            [$u, $v] = [($p[1] - $q[1]) / $length, ($q[0] - $p[0]) / $length];
            [$a, $b] = [self::along($shape, $u, $v), self::along($corners, $u, $v)];
            if ($a[1] <= $b[0] + $rim || $b[1] <= $a[0] + $rim) {
                return false;
            }
        }

        return true;
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
