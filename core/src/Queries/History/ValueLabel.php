<?php

declare(strict_types=1);

namespace Incastro\Core\Queries\History;

use Incastro\Core\Document\Fields\FieldType;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/** A value of a document as a reader is told it. */
final class ValueLabel
{
    /** Null where there is nothing. */
    public static function of(?FieldType $type, mixed $value): ?Text
    {
        return match (true) {
            $value === null => null,
            is_bool($value) => Text::of($value ? 'history.yes' : 'history.no'),
            is_int($value), is_float($value) => self::number($type, $value),
            is_string($value) => Text::of('history.plain', value: self::plain($value)),
            is_array($value) => self::several($value),
            default => Text::of('history.plain', value: '?'),
        };
    }

    /** With its unit; what no document can hold is told as it stands. */
    private static function number(?FieldType $type, int|float $value): Text
    {
        if (! is_finite((float) $value) || abs($value) > 1e9) {
            return Text::of('history.plain', value: (string) $value);
        }

        return match ($type) {
            FieldType::Length => Text::of('history.length', length: self::length($value)),
            FieldType::Angle => Text::of('history.angle', angle: Angle::ofDegrees((float) $value)),
            FieldType::Mass => Text::of('history.amount', amount: new Amount((float) $value, AmountUnit::Kilogram)),
            FieldType::Hours => Text::of('history.amount', amount: new Amount((float) $value, AmountUnit::Hour)),
            FieldType::Minutes => Text::of('history.minutes', n: (int) $value),
            FieldType::Days => Text::of('history.days', n: (int) $value),
            FieldType::Percent => Text::of('history.percent', n: (string) $value),
            FieldType::Density => Text::of('history.density', n: (string) $value),
            FieldType::Area => Text::of('history.area', n: (string) $value),
            FieldType::Cents => Text::of('history.plain', value: number_format($value / 100, 2, '.', '')),
            default => Text::of('history.plain', value: (string) $value),
        };
    }

    /** What was refused may be off the grid. */
    private static function length(int|float $value): Length
    {
        return Length::roundedFromMillimetres((float) $value, Rounding::Nearest);
    }

    /** @param  array<array-key, mixed>  $value */
    private static function several(array $value): Text
    {
        foreach (['name', 'kind', 'by', 'text'] as $key) {
            if (is_string($value[$key] ?? null)) {
                return Text::of('history.plain', value: self::plain($value[$key]));
            }
        }

        return Text::of('history.several', n: count($value));
    }

    /** The words of a choice; what a person wrote stays as it is, shortened. */
    private static function plain(string $text): string
    {
        $text = preg_match('/^[a-z]+(_[a-z0-9]+)+$/', $text) === 1 ? str_replace('_', ' ', $text) : $text;

        return mb_strlen($text) > 80 ? mb_substr($text, 0, 79).'…' : $text;
    }
}
