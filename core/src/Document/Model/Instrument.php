<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What a take was read with; where a take does not say, what is usual for its kind of reading. */
enum Instrument: string
{
    case Tape = 'tape';
    case Meter = 'meter';
    case Level = 'level';
    /** Read, turned end for end and read again: the mean loses most of the level's own error. */
    case LevelReversed = 'level_reversed';
    case Laser = 'laser';
    case Gauge = 'gauge';

    public static function usualFor(ReadingKind $kind): self
    {
        return match ($kind) {
            ReadingKind::Plumb, ReadingKind::Level => self::Level,
            ReadingKind::CornerAngle, ReadingKind::SlopeAngle => self::Gauge,
            default => self::Tape,
        };
    }
}
