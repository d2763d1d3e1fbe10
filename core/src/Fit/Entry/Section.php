<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

use Incastro\Core\Fit\Convex;

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
        if ($this->base !== null && Convex::meets($box, [$this->wall, 0.0, $this->base[0], $this->base[1]], 1e-6)) {
            return -1.0;
        }
        $least = INF;
        foreach ($this->blocks as $block) {
            if (Convex::meets($box, $block, 0.0)) {
                return -1.0;
            }
            $least = min($least, self::apart($box, Convex::corners($block)));
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
                $least = min($least, self::toStretch($p, $a, $b), self::toStretch($a, $p, $box[($k + 1) % count($box)]),
                    self::toStretch($b, $p, $box[($k + 1) % count($box)]));
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
}
