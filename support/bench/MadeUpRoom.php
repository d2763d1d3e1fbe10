<?php

declare(strict_types=1);

use Random\Randomizer;

/**
 * A made-up niche whose true walls are known: planes off plumb and off square, with smooth waves on them that owe nothing
 * to the surveyor's own idea of a wall. Readings are taken from it with the errors of a tape and a level.
 */
final class MadeUpRoom
{
    public const LOW = 100.0;

    public const HIGH = 2300.0;

    /** @var array<string, array{offset: float, lean: float, yaw: float, waves: list<array{float, float, float, float}>}> */
    private array $walls = [];

    public readonly float $depth;

    /** @param  float  $deviation  largest amplitude of a wall's waves together, mm */
    public function __construct(private readonly Randomizer $chance, float $deviation = 4.0)
    {
        $width = 700 + 1000 * $this->uniform();
        $this->depth = 300 + 400 * $this->uniform();
        foreach (['left' => 0.0, 'right' => $width] as $side => $offset) {
            $waves = [];
            for ($i = 0; $i < 4; $i++) {
                $waves[] = [$deviation / 4 * $this->uniform() * 1.6, 900 + 2600 * $this->uniform(), 600 + 2000 * $this->uniform(), 2 * M_PI * $this->uniform()];
            }
            $this->walls[$side] = ['offset' => $offset, 'lean' => 0.004 * $this->normal(), 'yaw' => 0.012 * $this->normal(), 'waves' => $waves];
        }
    }

    public function x(string $side, float $y, float $z): float
    {
        $w = $this->walls[$side];
        $x = $w['offset'] + $w['lean'] * $z + $w['yaw'] * $y;
        foreach ($w['waves'] as [$amplitude, $alongZ, $alongY, $phase]) {
            $x += $amplitude * sin(2 * M_PI * ($z / $alongZ + $y / $alongY) + $phase);
        }

        return $x;
    }

    /** The largest deviation of either wall from the plane through its corners, mm. */
    public function deviation(): float
    {
        $worst = 0.0;
        foreach (['left', 'right'] as $side) {
            foreach ([0.0, $this->depth] as $y) {
                [$a, $b] = [$this->x($side, $y, self::LOW), $this->x($side, $y, self::HIGH)];
                for ($z = self::LOW; $z <= self::HIGH; $z += 100) {
                    $worst = max($worst, abs($this->x($side, $y, $z) - $a - ($b - $a) * ($z - self::LOW) / (self::HIGH - self::LOW)));
                }
            }
        }

        return $worst;
    }

    public function clearWidth(): float
    {
        $left = -INF;
        $right = INF;
        for ($z = self::LOW; $z <= self::HIGH; $z += 50) {
            for ($k = 0; $k <= 4; $k++) {
                $y = $this->depth * $k / 4;
                $left = max($left, $this->x('left', $y, $z));
                $right = min($right, $this->x('right', $y, $z));
            }
        }

        return $right - $left;
    }

    /** @param  array<string, mixed>  $reading  as a document holds it */
    public function read(array $reading): float
    {
        $y = ($reading['plane'] ?? 'front') === 'back' ? 0.0 : $this->depth;
        $z = (float) ($reading['z'] ?? 0.0);

        return match ($reading['kind']) {
            'width' => $this->x('right', $y, $z) - $this->x('left', $y, $z) + $this->tapeError($this->x('right', $y, $z)),
            'plumb' => ($reading['side'] === 'left' ? 1 : -1) * ($this->x($reading['side'], $y, $z) - $this->x($reading['side'], $y, (float) $reading['from_z']))
                + 0.5 * abs($z - $reading['from_z']) / 1000 / sqrt(3) * $this->normal(),
            'corner_angle' => 90 + ($reading['side'] === 'left' ? -1 : 1) * rad2deg(atan(($this->x($reading['side'], $this->depth, self::LOW) - $this->x($reading['side'], 0.0, self::LOW)) / $this->depth))
                + 0.2 / sqrt(3) * $this->normal(),
            'depth' => $this->depth + $this->tapeError($this->depth),
            'height' => 2400.0 + $this->tapeError(2400.0),
            default => 0.0,
        };
    }

    public function uniform(): float
    {
        return $this->chance->getInt(0, 1 << 30) / (1 << 30);
    }

    private function tapeError(float $mm): float
    {
        return (0.3 + 0.2 * ceil(abs($mm) / 1000) + 1.0) / sqrt(3) * $this->normal();
    }

    private function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, $this->uniform()))) * cos(2 * M_PI * $this->uniform());
    }
}
