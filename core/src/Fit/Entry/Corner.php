<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

/**
 * A box carried level round a square turn, from a passage so wide into another. Outer walls on the axes, inner corner at (from, into);
 * the box comes down the first passage and leaves along the second. At every angle it is held so that its distances from both
 * outer walls and from the inner corner are the same: nobody can hold it better, so where that is less than nothing no turn goes.
 * Derivation: docs/formulas/entry.md; agrees with the field's L ≤ a/sin α + b/cos α − d/(sin α · cos α). mm.
 */
final readonly class Corner
{
    /** Clearance is taken as often as this, degrees; it is smooth, so between two it differs by less than 0.001. */
    private const FINE = 0.05;

    public function __construct(public float $from, public float $into)
    {
    }

    /** What is left on each side at the tightest angle; negative where it does not turn. */
    public function clearance(float $length, float $across): float
    {
        $least = INF;
        for ($deg = 0.0; $deg <= 90.0 + 1e-9; $deg += self::FINE) {
            $least = min($least, $this->at(deg2rad($deg), $length, $across));
        }

        return $least;
    }

    /** Carried broadside into the second passage, without turning it. */
    public function broadside(float $length, float $across): float
    {
        return min($this->from - $across, $this->into - $length) / 2;
    }

    /**
     * Its middle and how far it has turned, from well inside the first passage to well inside the second.
     *
     * @return list<array{x: float, y: float, deg: float}>
     */
    public function path(float $length, float $across, float $stepDeg = 2.0): array
    {
        $path = [['x' => $this->from / 2, 'y' => $this->into + $length, 'deg' => 90.0]];
        for ($deg = 90.0; $deg >= -1e-9; $deg -= $stepDeg) {
            $t = deg2rad(max(0.0, $deg));
            $e = $this->at($t, $length, $across);
            $path[] = ['x' => ($length * cos($t) + $across * sin($t)) / 2 + $e, 'y' => ($length * sin($t) + $across * cos($t)) / 2 + $e, 'deg' => rad2deg($t)];
        }
        $path[] = ['x' => $this->from + $length, 'y' => $this->into / 2, 'deg' => 0.0];

        return $path;
    }

    /** Of its long side, which stands at t to the second passage. */
    private function at(float $t, float $length, float $across): float
    {
        $slack = $this->from * sin($t) + $this->into * cos($t) - $length * sin($t) * cos($t) - $across;

        return $slack / (1 + sin($t) + cos($t));
    }
}
