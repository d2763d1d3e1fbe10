<?php

declare(strict_types=1);

namespace Incastro\Bench\Survey;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * A made-up niche whose true walls are known: planes off plumb and off square, with smooth waves on them that owe nothing to the surveyor's
 * own idea of a wall, and what its family puts there. Read with one tape, a level and an angle gauge, by this law of errors: the tape has one error of
 * scale and hook for the whole room, uniform within ± (0.3 + 0.2 L), L in metres; each take one of its own, normal, σ 0.5, cut at the bend's 1; a tape
 * off level reads long, never short (off by σ 0.4°). Plumb ± 0.5 a metre and the angle ± 0.2°, normal with σ a third root of their limits.
 */
final class TrueRoom
{
    public const LOW = 100.0;

    public const HIGH = 2300.0;

    private const BULGE = 15.0;

    private const STEP = 40.0;

    private const WAINSCOT = 900.0;

    /** @var array<string, array{offset: float, lean: float, yaw: float, waves: list<array{float, float, float, float}>}> */
    private array $walls = [];

    public readonly float $depth;

    private readonly Randomizer $chance;

    /** Of the tape's limit, − 1 to 1. */
    private readonly float $tape;

    /** @var array{string, float, float} the wall with the bulge or step, where on it */
    private readonly array $place;

    public function __construct(private readonly Family $family, public readonly int $seed)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
        $width = 700 + 1000 * $this->uniform();
        $this->depth = 300 + 400 * $this->uniform();
        $wander = $family->wander() / 4 * 1.6;
        foreach (['left' => 0.0, 'right' => $width] as $side => $offset) {
            $waves = [];
            for ($i = 0; $i < 4; $i++) {
                $waves[] = [$wander * $this->uniform(), 900 + 2600 * $this->uniform(), 600 + 2000 * $this->uniform(), 2 * M_PI * $this->uniform()];
            }
            $this->walls[$side] = ['offset' => $offset, 'lean' => $family->lean() * $this->normal(), 'yaw' => $family->yaw() * $this->normal(), 'waves' => $waves];
        }
        $this->tape = 2 * $this->uniform() - 1;
        $this->place = [$this->uniform() < 0.5 ? 'left' : 'right', $this->depth * $this->uniform(), self::LOW + (self::HIGH - self::LOW) * $this->uniform()];
    }

    public function x(string $side, float $y, float $z): float
    {
        $w = $this->walls[$side];
        $x = $w['offset'] + $w['lean'] * $z + $w['yaw'] * $y;
        foreach ($w['waves'] as [$amplitude, $alongZ, $alongY, $phase]) {
            $x += $amplitude * sin(2 * M_PI * ($z / $alongZ + $y / $alongY) + $phase);
        }

        return $x + ($side === 'left' ? 1 : -1) * $this->standsOut($side, $y, $z);
    }

    /** What the family puts on a wall, into the room, mm. */
    private function standsOut(string $side, float $y, float $z): float
    {
        [$where, $atY, $atZ] = $this->place;
        if ($this->family === Family::Wainscot) {
            return $z < self::WAINSCOT ? self::STEP : 0.0;
        }
        if ($side !== $where) {
            return 0.0;
        }
        if ($this->family === Family::Breast) {
            return $y > $atY ? self::STEP : 0.0;
        }
        $r = $this->family->bulge() > 0 ? hypot($y - $atY, $z - $atZ) / ($this->family->bulge() / 2) : 1.0;

        return $r < 1 ? self::BULGE * cos(M_PI / 2 * $r) ** 2 : 0.0;
    }

    /** Of a box square to the back wall, at any depth: least right less greatest left. */
    public function clearWidth(): float
    {
        $left = -INF;
        $right = INF;
        for ($z = self::LOW; $z <= self::HIGH; $z += 50) {
            for ($k = 0; $k <= 6; $k++) {
                $y = $this->depth * $k / 6;
                $left = max($left, $this->x('left', $y, $z));
                $right = min($right, $this->x('right', $y, $z));
            }
        }

        return $right - $left;
    }

    /**
     * A straightedge as long as the wall is high, slid over it upright, and one as long as it is deep, slid over it across: what stands proudest of
     * the line between its ends, or lies deepest under it, whichever is more; read with a rule to ± 0.5.
     *
     * @return array{float, float, float} by how much (+ proud), how far from the back, how high, mm
     */
    public function slid(string $side, bool $inParts = false): array
    {
        $most = [0.0, $this->depth, self::LOW];
        [$ys, $zs] = [[0.0, $this->depth], [self::LOW, self::HIGH]];
        [$upright, $level] = $inParts ? [$this->edgeAt($side, true), $this->edgeAt($side, false)] : [0.0, 0.0];
        foreach ($upright > 0 ? [[0.0, $upright - 1], [$upright + 1, $this->depth]] : [$ys] as $y) {
            foreach ($level > 0 ? [[self::LOW, $level - 1], [$level + 1, self::HIGH]] : [$zs] as $z) {
                $this->slidOver($side, $y, $z, $most);
            }
        }
        $most[0] += 0.5 / sqrt(3) * $this->normal();

        return $most;
    }

    /**
     * @param  array{float, float}  $y  from and to
     * @param  array{float, float}  $z
     * @param  array{float, float, float}  $most
     */
    private function slidOver(string $side, array $y, array $z, array &$most): void
    {
        $into = $side === 'left' ? 1 : -1;
        $parts = max(1, (int) ceil(($z[1] - $z[0]) / 50));
        $zs = array_map(fn (int $k): float => $z[0] + ($z[1] - $z[0]) * $k / $parts, range(0, $parts));
        $ys = array_map(fn (int $k): float => $y[0] + ($y[1] - $y[0]) * $k / 12, range(0, 12));
        $try = function (array $places, int $along) use (&$most, $side, $into): void {
            $at = fn (array $p): float => $into * $this->x($side, $p[0], $p[1]);
            $xs = array_map($at, $places);
            $last = count($places) - 1;
            foreach (self::hull(array_map(fn (array $p): float => $p[$along], $places), $xs) as $i => $over) {
                $t = ($places[$i][$along] - $places[0][$along]) / ($places[$last][$along] - $places[0][$along]);
                $proud = $xs[$i] - (1 - $t) * $xs[0] - $t * $xs[$last];
                foreach ([$proud, -$over] as $off) {
                    $most = abs($off) > abs($most[0]) ? [$off, ...$places[$i]] : $most;
                }
            }
        };
        foreach ($ys as $y) {
            $try(array_map(fn (float $z): array => [$y, $z], $zs), 1);
        }
        foreach ($zs as $z) {
            $try(array_map(fn (float $y): array => [$y, $z], $ys), 0);
        }
    }

    /**
     * Two laths slid up and down between the walls, all over: the narrowest, and where.
     *
     * @return array{float, float, float} mm, from the back, above the floor
     */
    public function narrowest(): array
    {
        $least = [INF, 0.0, 0.0];
        for ($z = self::LOW; $z <= self::HIGH; $z += 50) {
            for ($k = 0; $k <= 12; $k++) {
                $y = $this->depth * $k / 12;
                $least = min($least, [$this->x('right', $y, $z) - $this->x('left', $y, $z), $y, $z]);
            }
        }
        $least[0] = $this->taped($least[0]);

        return $least;
    }

    /**
     * @param  list<float>  $ts
     * @param  list<float>  $xs
     * @return list<float> by how much the edge resting on what stands proudest clears each place
     */
    private static function hull(array $ts, array $xs): array
    {
        $over = [0.0];
        for ($i = 0, $n = count($ts); $i < $n - 1; $i = $to) {
            $to = $i + 1;
            for ($j = $i + 2; $j < $n; $j++) {
                $to = ($xs[$j] - $xs[$i]) / ($ts[$j] - $ts[$i]) >= ($xs[$to] - $xs[$i]) / ($ts[$to] - $ts[$i]) ? $j : $to;
            }
            for ($k = $i + 1; $k <= $to; $k++) {
                $over[$k] = $xs[$i] + ($xs[$to] - $xs[$i]) * ($ts[$k] - $ts[$i]) / ($ts[$to] - $ts[$i]) - $xs[$k];
            }
        }

        return $over;
    }

    /**
     * @param  array<string, mixed>  $reading  as a document holds it
     *
     * @throws \LogicException of a kind that this room cannot be read by
     */
    public function read(array $reading): float
    {
        $y = (float) ($reading['y'] ?? (($reading['plane'] ?? 'front') === 'back' ? 0.0 : $this->depth));
        $z = (float) ($reading['z'] ?? 0.0);

        return match ($reading['kind']) {
            'width' => $this->taped($this->x('right', $y, $z) - $this->x('left', $y, $z)),
            'plumb' => ($reading['side'] === 'left' ? 1 : -1) * ($this->x($reading['side'], $y, $z) - $this->x($reading['side'], $y, (float) $reading['from_z']))
                + 0.5 * abs($z - $reading['from_z']) / 1000 / sqrt(3) * $this->normal(),
            'corner_angle' => 90 + ($reading['side'] === 'left' ? -1 : 1) * rad2deg(atan(($this->x($reading['side'], $this->depth, self::LOW) - $this->x($reading['side'], 0.0, self::LOW)) / $this->depth))
                + 0.2 / sqrt(3) * $this->normal(),
            'depth' => $this->taped($this->depth),
            'step_edge' => $this->edge($reading['face'], ($reading['along'] ?? '') === 'depth'),
            default => throw new \LogicException("No made-up room is read by \"{$reading['kind']}\"."),
        };
    }

    /** Where the eye finds the edge of a step, to ± 1; 0 where there is none: waves have no edge. */
    private function edge(string $side, bool $upright): float
    {
        $at = $this->edgeAt($side, $upright);

        return $at > 0 ? max(1.0, $at + 2 * $this->uniform() - 1) : 0.0;
    }

    private function edgeAt(string $side, bool $upright): float
    {
        [$where, $atY] = $this->place;

        return match ($this->family) {
            Family::Wainscot => $upright ? 0.0 : self::WAINSCOT,
            Family::Breast => $upright && $side === $where ? $atY : 0.0,
            default => 0.0,
        };
    }

    private function taped(float $mm): float
    {
        do {
            $own = 0.5 * $this->normal();
        } while (abs($own) > 1.0);

        return $mm / cos(deg2rad(0.4 * $this->normal())) + $this->tape * (0.3 + 0.2 * $mm / 1000) + $own;
    }

    public function uniform(): float
    {
        return $this->chance->getInt(0, 1 << 30) / (1 << 30);
    }

    private function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, $this->uniform()))) * cos(2 * M_PI * $this->uniform());
    }
}
