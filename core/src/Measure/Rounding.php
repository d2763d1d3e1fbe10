<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** How a value that falls off the grid is brought back to it; the caller always names one. */
enum Rounding
{
    case Nearest;
    case Down;
    case Up;

    /** @throws \RangeException when the result is none that 64 bits hold: a cast would make something else of it in silence */
    public function apply(float $value): int
    {
        $whole = match ($this) {
            self::Nearest => round($value),
            self::Down => floor($value),
            self::Up => ceil($value),
        };
        if (! (abs($whole) < PHP_INT_MAX)) {
            throw new \RangeException("$value cannot be rounded to a whole number.");
        }

        return (int) $whole;
    }
}
