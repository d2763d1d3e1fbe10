<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** How a value that falls off the grid is brought back to it; the caller always names one. */
enum Rounding
{
    case Nearest;
    case Down;
    case Up;

    public function apply(float $value): int
    {
        return (int) match ($this) {
            self::Nearest => round($value),
            self::Down => floor($value),
            self::Up => ceil($value),
        };
    }
}
