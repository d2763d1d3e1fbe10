<?php

declare(strict_types=1);

namespace Incastro\Bench\Survey;

/** Sorts of rooms: how far their walls wander, lean and stand out of square, and what stands on them. */
enum Family: string
{
    case Ordinary = 'ordinary';
    case NewAndTrue = 'new and true';
    case FlatAndSquare = 'flat and square';
    case FlatAndLeaning = 'flat and leaning';
    case OutOfSquare = 'strongly out of square';
    case OldAndWavy = 'old and wavy';
    case ShortBulge = 'short bulge';
    case LongBulge = 'long bulge';
    case Wainscot = 'wainscot step';
    case Breast = 'breast step';

    /** Largest amplitude of a wall's waves together, mm. */
    public function wander(): float
    {
        return match ($this) {
            self::NewAndTrue => 0.5,
            self::FlatAndSquare, self::FlatAndLeaning => 0.0,
            self::OldAndWavy => 10.0,
            default => 4.0,
        };
    }

    /** Standard deviation off plumb, a part. */
    public function lean(): float
    {
        return match ($this) {
            self::FlatAndSquare => 0.0,
            self::FlatAndLeaning => 0.012,
            default => 0.004,
        };
    }

    /** Standard deviation off square, a part. */
    public function yaw(): float
    {
        return match ($this) {
            self::FlatAndSquare => 0.0,
            self::OutOfSquare => 0.03,
            default => 0.012,
        };
    }

    /** Width of a bulge of 15 mm on one of the walls, mm; 0 without one. */
    public function bulge(): float
    {
        return match ($this) {
            self::ShortBulge => 300.0,
            self::LongBulge => 900.0,
            default => 0.0,
        };
    }
}
