<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Polygon;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Length;

/** A flat face of a body, mm: where it looks, how far out of the house's corner it lies that way, and its corners one after another. */
final readonly class Face
{
    /**
     * @param  array{float, float, float}  $normal  of length 1, out of the body
     * @param  list<array{float, float, float}>  $corners
     */
    private function __construct(public array $normal, public float $at, public array $corners)
    {
    }

    /** @return list<self> of a solid with a convex outline: its two ends, then one along each edge of the outline */
    public static function of(Prism $solid): array
    {
        $mm = fn (Length $l): float => $l->units / Length::PER_MM;
        [$from, $to] = [$mm($solid->from), $mm($solid->to)];
        $in = fn (float $along, float $across, float $up): array => match ($solid->axis) {
            Axis::X => [$along, $across, $up],
            Axis::Y => [$across, $along, $up],
            Axis::Z => [$across, $up, $along],
        };
        $outline = array_map(fn (Point $p): array => [$mm($p->across), $mm($p->up)], $solid->outline);
        $middle = [array_sum(array_column($outline, 0)) / count($outline), array_sum(array_column($outline, 1)) / count($outline)];
        $faces = [
            self::looking($in(-1.0, 0.0, 0.0), array_map(fn (array $p): array => $in($from, $p[0], $p[1]), $outline)),
            self::looking($in(1.0, 0.0, 0.0), array_map(fn (array $p): array => $in($to, $p[0], $p[1]), $outline)),
        ];
        foreach ($outline as $i => $p) {
            $q = $outline[($i + 1) % count($outline)];
            [$du, $dv] = [$q[0] - $p[0], $q[1] - $p[1]];
            $long = hypot($du, $dv);
            $sign = $dv * ($middle[0] - $p[0]) - $du * ($middle[1] - $p[1]) > 0.0 ? -1.0 : 1.0;
            $faces[] = self::looking($in(0.0, $sign * $dv / $long, -$sign * $du / $long),
                [$in($from, $p[0], $p[1]), $in($to, $p[0], $p[1]), $in($to, $q[0], $q[1]), $in($from, $q[0], $q[1])]);
        }

        return $faces;
    }

    public function isOpposite(self $other): bool
    {
        return self::dot($this->normal, $other->normal) < -0.9999;
    }

    /** Whether the two lie on one plane, to 0.1 mm: looking at each other, with no more air or room shared between. */
    public function meets(self $other): bool
    {
        return abs($this->at + $other->at) <= 0.1;
    }

    /** @return list<array{float, float}> seen along an axis (0, 1, 2), anticlockwise */
    public function flat(int $drop): array
    {
        return Polygon::turned(array_map(fn (array $p): array => match ($drop) {
            0 => [$p[1], $p[2]], 1 => [$p[0], $p[2]], default => [$p[0], $p[1]],
        }, $this->corners));
    }

    /**
     * @param  array{float, float}  $p  as seen along an axis
     * @return array{float, float, float} the point of its plane there
     */
    public function on(array $p, int $drop): array
    {
        [$x, $y, $z] = $this->normal;

        return match ($drop) {
            0 => [($this->at - $y * $p[0] - $z * $p[1]) / $x, $p[0], $p[1]],
            1 => [$p[0], ($this->at - $x * $p[0] - $z * $p[1]) / $y, $p[1]],
            default => [$p[0], $p[1], ($this->at - $x * $p[0] - $y * $p[1]) / $z],
        };
    }

    /**
     * @param  array{float, float, float}  $normal
     * @param  list<array{float, float, float}>  $corners
     */
    private static function looking(array $normal, array $corners): self
    {
        return new self($normal, self::dot($normal, $corners[0]), $corners);
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function dot(array $a, array $b): float
    {
        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }
}
