<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Space;
use Incastro\Core\Measure\Length;

/**
 * The numbered unknowns of a niche: where each wall stands at each station, the floor's rise,
 * the ceiling at each side, the depth at each side. Fixed by choice and no unknown: the left wall's
 * lowest station (x = 0) and the floor at the left wall (z = 0).
 */
final class Unknowns
{
    /** @var array<string, int> */
    private array $index = [];

    /** @var non-empty-list<int> station heights in units of 25 nm, ascending */
    public readonly array $stations;

    public readonly bool $hasBack;

    public readonly bool $hasCeiling;

    public readonly bool $hasDepth;

    public function __construct(Space $space)
    {
        $widths = $space->taken(ReadingKind::Width);
        $plumbs = $space->taken(ReadingKind::Plumb);
        $zs = array_map(fn ($r): int => $r->z->units, $widths);
        foreach ($plumbs as $plumb) {
            array_push($zs, $plumb->z->units, $plumb->fromZ->units);
        }
        sort($zs);
        $this->stations = array_values(array_unique($zs)) ?: throw new \LogicException('A niche without a width has no unknowns.');
        $this->hasBack = array_filter($widths, fn ($r): bool => $r->plane === Plane::Back) !== [];
        $this->hasCeiling = $space->taken(ReadingKind::Height) !== [];
        $this->hasDepth = $space->taken(ReadingKind::Depth) !== [];
        $this->number();
    }

    /** @return list<Plane> */
    public function planes(): array
    {
        return $this->hasBack ? [Plane::Front, Plane::Back] : [Plane::Front];
    }

    /** @return array<int, float> one unknown, or none for the wall that is fixed at x = 0 */
    public function wall(Side $side, Length|int $z, Plane $plane): array
    {
        $units = $z instanceof Length ? $z->units : $z;

        return $this->one("wall {$side->value} $units ".($this->hasBack ? $plane->value : Plane::Front->value));
    }

    /** @return array<int, float> */
    public function floor(Side $side): array
    {
        return $this->one("floor {$side->value}");
    }

    /** @return array<int, float> */
    public function ceiling(Side $side): array
    {
        return $this->one("ceiling {$side->value}");
    }

    /** @return array<int, float> */
    public function depth(Side $side): array
    {
        return $this->one("depth {$side->value}");
    }

    /**
     * The wall at any height, as a weighted sum of stations: straight between neighbours; beyond the ends along the
     * line through the lowest and the highest, so that no one station between them swings what lies outside.
     *
     * @return array<int, float>
     */
    public function wallAt(Side $side, float $z, Plane $plane): array
    {
        [$a, $b] = self::neighbours($this->stations, $z);
        if ($a === $b) {
            return $this->wall($side, $a, $plane);
        }
        $share = ($z - $a) / ($b - $a);

        return self::sum(
            self::scaled($this->wall($side, $a, $plane), 1.0 - $share),
            self::scaled($this->wall($side, $b, $plane), $share),
        );
    }

    /**
     * The two stations that say where a wall is at a height.
     *
     * @param  non-empty-list<int>  $stations  ascending
     * @return array{int, int}
     */
    public static function neighbours(array $stations, float $z): array
    {
        $last = $stations[count($stations) - 1];
        if ($z < $stations[0] || $z > $last) {
            return [$stations[0], $last];
        }
        for ($i = 1; $i < count($stations); $i++) {
            if ($z <= $stations[$i]) {
                return [$stations[$i - 1], $stations[$i]];
            }
        }

        return [$last, $last];
    }

    public function count(): int
    {
        return count($this->index);
    }

    /**
     * @param  array<int, float>  $a
     * @return array<int, float>
     */
    public static function scaled(array $a, float $by): array
    {
        return array_map(fn (float $c): float => $c * $by, $a);
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     * @return array<int, float>
     */
    public static function difference(array $a, array $b): array
    {
        return self::sum($a, self::scaled($b, -1.0));
    }

    /**
     * @param  array<int, float>  ...$parts
     * @return array<int, float>
     */
    public static function sum(array ...$parts): array
    {
        $sum = [];
        foreach ($parts as $part) {
            foreach ($part as $i => $c) {
                $sum[$i] = ($sum[$i] ?? 0.0) + $c;
            }
        }

        return $sum;
    }

    private function number(): void
    {
        $names = [];
        foreach ($this->planes() as $plane) {
            foreach ($this->stations as $k => $z) {
                if ($k > 0 || $plane === Plane::Back) {
                    $names[] = "wall left $z {$plane->value}";
                }
                $names[] = "wall right $z {$plane->value}";
            }
        }
        $names[] = 'floor right';
        array_push($names, ...($this->hasCeiling ? ['ceiling left', 'ceiling right'] : []));
        array_push($names, ...($this->hasDepth ? ['depth left', 'depth right'] : []));
        $this->index = array_flip($names);
    }

    /** @return array<int, float> */
    private function one(string $name): array
    {
        return isset($this->index[$name]) ? [$this->index[$name] => 1.0] : [];
    }
}
