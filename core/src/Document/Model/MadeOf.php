<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What a sheet is made of, and how stiff that is (fieldbook §7). */
enum MadeOf: string
{
    case BirchPly = 'birch_ply';
    case SoftwoodPly = 'softwood_ply';
    case Fibreboard = 'fibreboard';
    case Particleboard = 'particleboard';
    case Pine = 'pine';
    case Poplar = 'poplar';
    case Maple = 'maple';

    /** Modulus of elasticity along the grain, N/mm². */
    public function along(): float
    {
        return match ($this) {
            self::BirchPly => 10_000.0,
            self::SoftwoodPly => 7_500.0,
            self::Fibreboard => 2_500.0,
            self::Particleboard => 2_000.0,
            self::Pine => 9_000.0,
            self::Poplar => 10_900.0,
            self::Maple => 12_600.0,
        };
    }

    /** Modulus of elasticity across the grain, N/mm² (fieldbook §7); solid wood has about a twentieth of what it has along. */
    public function across(): float
    {
        return match ($this) {
            self::BirchPly => 7_500.0,
            self::SoftwoodPly => 2_500.0,
            self::Fibreboard, self::Particleboard => $this->along(),
            default => $this->along() / 20,
        };
    }

    /** What it may be bent with along the grain, N/mm²: own figures on the safe side. */
    public function bends(): float
    {
        return match ($this) {
            self::BirchPly => 12.0,
            self::Maple => 11.0,
            self::Fibreboard => 5.0,
            self::Particleboard => 3.0,
            default => 7.0,
        };
    }

    public function isSolid(): bool
    {
        return in_array($this, [self::Pine, self::Poplar, self::Maple], true);
    }

    /** Its edge holds a screw poorly and drinks water. */
    public function isPressed(): bool
    {
        return $this === self::Fibreboard || $this === self::Particleboard;
    }

    /** How many times as far it bends in the end under a load that stays (Eurocode 5, class 1). */
    public function creep(): float
    {
        return match ($this) {
            self::BirchPly, self::SoftwoodPly => 1.8,
            self::Fibreboard, self::Particleboard => 3.25,
            default => 1.6,
        };
    }
}
