<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

/**
 * What a box is raised and slid in, cut along the depth: y out of the wall, z up. Overhead is a line of points by rising y; blocks
 * stand in the way. Floor, base and back wall may be touched, the rest is kept clear of. mm.
 */
final readonly class Section
{
    /**
     * @param  non-empty-list<array{float, float}>  $overhead  (y, z)
     * @param  list<array{float, float, float, float}>  $blocks  y, z, to y, to z
     * @param  array{float, float}|null  $base  how far out it reaches, and its height
     */
    public function __construct(public array $overhead, public array $blocks, public ?array $base, public float $wall = 0.0)
    {
    }

    /**
     * How far a box stays from overhead and blocks; negative, and no distance, where it enters them or the floor, the base, the wall.
     *
     * @param  non-empty-list<array{float, float}>  $box  its corners (y, z), round it
     */
    public function clearance(array $box): float
    {
        foreach ($box as [$y, $z]) {
            if ($z < -1e-6 || $y < $this->wall - 1e-6) {
                return -1.0;
            }
        }
        if ($this->base !== null && self::meets($box, [$this->wall, 0.0, $this->base[0], $this->base[1]], 1e-6)) {
            return -1.0;
        }
        $least = INF;
        foreach ($this->blocks as $block) {
            if (self::meets($box, $block, 0.0)) {
                return -1.0;
            }
            $least = min($least, self::apart($box, self::corners($block)));
        }

        return min($least, $this->under($box));
    }

    /** The highest place overhead. */
    public function highest(): float
    {
        return max(array_column($this->overhead, 1));
    }

    /** @param  non-empty-list<array{float, float}>  $box */
    private function under(array $box): float
    {
        $least = INF;
        for ($i = 1; $i < count($this->overhead); $i++) {
            [$a, $b] = [$this->overhead[$i - 1], $this->overhead[$i]];
            foreach ($box as [$y, $z]) {
                if ($y >= $a[0] && $y <= $b[0] && $b[0] > $a[0] && $z > $a[1] + ($b[1] - $a[1]) * ($y - $a[0]) / ($b[0] - $a[0])) {
                    return -1.0;
                }
            }
            // A corner of what is overhead may stand down into the box.
            foreach ([$a, $b] as $p) {
                if (self::holds($box, $p)) {
                    return -1.0;
                }
            }
            foreach ($box as $k => $p) {
                $least = min($least, self::toStretch($p, $a, $b), self::toStretch($a, $p, $box[($k + 1) % count($box)]), self::toStretch($b, $p, $box[($k + 1) % count($box)]));
            }
        }

        return $least;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $a
     * @param  non-empty-list<array{float, float}>  $b
     */
    private static function apart(array $a, array $b): float
    {
        $least = INF;
        foreach ([[$a, $b], [$b, $a]] as [$from, $to]) {
            foreach ($from as $p) {
                foreach ($to as $k => $q) {
                    $least = min($least, self::toStretch($p, $q, $to[($k + 1) % count($to)]));
                }
            }
        }

        return $least;
    }

    /**
     * Two convex shapes share more than a rim (separating axes).
     *
     * @param  non-empty-list<array{float, float}>  $box
     * @param  array{float, float, float, float}  $block
     */
    private static function meets(array $box, array $block, float $rim): bool
    {
        $corners = self::corners($block);
        $axes = [[1.0, 0.0], [0.0, 1.0]];
        foreach ($box as $k => $p) {
            $q = $box[($k + 1) % count($box)];
            $length = max(1e-9, hypot($q[0] - $p[0], $q[1] - $p[1]));
            $axes[] = [($p[1] - $q[1]) / $length, ($q[0] - $p[0]) / $length];
        }
        foreach ($axes as [$u, $v]) {
            [$a, $b] = [self::on($box, $u, $v), self::on($corners, $u, $v)];
            if ($a[1] <= $b[0] + $rim || $b[1] <= $a[0] + $rim) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return array{float, float} from and to along an axis
     */
    private static function on(array $points, float $u, float $v): array
    {
        [$from, $to] = [INF, -INF];
        foreach ($points as [$y, $z]) {
            $at = $y * $u + $z * $v;
            [$from, $to] = [min($from, $at), max($to, $at)];
        }

        return [$from, $to];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $box
     * @param  array{float, float}  $p
     */
    private static function holds(array $box, array $p): bool
    {
        $signs = [];
        foreach ($box as $k => $a) {
            $b = $box[($k + 1) % count($box)];
            $signs[] = ($b[0] - $a[0]) * ($p[1] - $a[1]) - ($b[1] - $a[1]) * ($p[0] - $a[0]) > 1e-6;
        }

        return count(array_unique($signs)) === 1;
    }

    /**
     * @param  array{float, float}  $p
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function toStretch(array $p, array $a, array $b): float
    {
        [$dy, $dz] = [$b[0] - $a[0], $b[1] - $a[1]];
        $share = max(0.0, min(1.0, (($p[0] - $a[0]) * $dy + ($p[1] - $a[1]) * $dz) / max(1e-12, $dy * $dy + $dz * $dz)));

        return hypot($p[0] - $a[0] - $share * $dy, $p[1] - $a[1] - $share * $dz);
    }

    /**
     * @param  array{float, float, float, float}  $block
     * @return non-empty-list<array{float, float}>
     */
    private static function corners(array $block): array
    {
        return [[$block[0], $block[1]], [$block[2], $block[1]], [$block[2], $block[3]], [$block[0], $block[3]]];
    }
}
