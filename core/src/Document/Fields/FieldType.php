<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Fields;

/** What stands in a field of a document, and in which unit. */
enum FieldType: string
{
    /** mm. */
    case Length = 'length';
    /** Degrees. */
    case Angle = 'angle';
    /** kg. */
    case Mass = 'mass';
    /** kg/m³. */
    case Density = 'density';
    /** cm². */
    case Area = 'area';
    case Hours = 'hours';
    case Minutes = 'minutes';
    case Days = 'days';
    case Percent = 'percent';
    /** Hundredths of the project's currency. */
    case Cents = 'cents';
    case Count = 'count';
    /** Of no unit, or of the one that its rule gives it. */
    case Number = 'number';
    case Flag = 'flag';
    case Choice = 'choice';
    case Text = 'text';
    /** Holds other fields. */
    case Group = 'group';

    /** @param  string  $word  of the table of fields */
    public static function of(string $word): self
    {
        return match ($word) {
            'number in mm' => self::Length,
            'number in deg' => self::Angle,
            'number in kg' => self::Mass,
            'number in kg/m3' => self::Density,
            'number in cm2' => self::Area,
            'number in h' => self::Hours,
            'number in min' => self::Minutes,
            'number in d' => self::Days,
            'number in %' => self::Percent,
            'number in cents' => self::Cents,
            default => self::from($word),
        };
    }
}
