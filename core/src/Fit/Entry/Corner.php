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

    /** Every so manieth of those is looked at first: whole steps of half a degree, over which there is no more than one dip. */
    private const COARSE = 10;

    public function __construct(public float $from, public float $into)
    {
    }

    /** What is left on each side at the tightest angle; negative where it does not turn. */
    public function clearance(float $length, float $across): float
    {
        $turns = self::turns();
        $last = count($turns) - 1;
        $rough = [];
        for ($i = 0; $i <= $last; $i += self::COARSE) {
            $rough[] = $this->held($turns[$i], $length, $across);
        }
        $least = INF;
        foreach ($rough as $n => $here) {
            if ($here > ($rough[$n - 1] ?? INF) || $here > ($rough[$n + 1] ?? INF)) {
                continue;
            }
            $to = min($last, ($n + 1) * self::COARSE);
            for ($i = max(0, ($n - 1) * self::COARSE); $i <= $to; $i++) {
                $least = min($least, $this->held($turns[$i], $length, $across));
            }
        }

        return $least;
    }

    /** @return non-empty-list<array{float, float}> sine and cosine of each angle looked at */
    private static function turns(): array
    {
        /** @var non-empty-list<array{float, float}>|null $turns */
        static $turns = null;
        if ($turns === null) {
            $turns = [[0.0, 1.0]];
            for ($deg = self::FINE; $deg <= 90.0 + 1e-9; $deg += self::FINE) {
                $turns[] = [sin(deg2rad($deg)), cos(deg2rad($deg))];
            }
        }

        return $turns;
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
        return $this->held([sin($t), cos($t)], $length, $across);
    }

    /** @param  array{float, float}  $turn  sine and cosine */
    private function held(array $turn, float $length, float $across): float
    {
        [$sin, $cos] = $turn;

        return ($this->from * $sin + $this->into * $cos - $length * $sin * $cos - $across) / (1 + $sin + $cos);
    }
}
