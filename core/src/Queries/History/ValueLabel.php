<?php

declare(strict_types=1);

namespace Incastro\Core\Queries\History;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A value of a document as a reader is told it. */
final class ValueLabel
{
    /** Numbers that are lengths; every other number counts something. */
    private const LENGTHS = ['across', 'along_back', 'along_side', 'at', 'banding', 'car_length', 'car_width', 'clear_below', 'corner_room', 'cushion', 'depth', 'end_trim',
        'far', 'first_stud', 'from', 'from_z', 'gain', 'gap', 'height', 'into', 'kerf', 'left', 'length', 'lining', 'longest_cut', 'near', 'off', 'out', 'overhang', 'oversize',
        'part_tolerance', 'piece_length', 'piece_width', 'reach', 'right', 'router_base', 'router_bit', 'run', 'set_back', 'set_off', 'sheet_length', 'sheet_width', 'slide_in',
        'slope_clear', 'spacing', 'thickness', 'to', 'tolerance', 'trim', 'up', 'value', 'widest_fence', 'width', 'x', 'y', 'z', 'tape_base', 'tape_bend', 'nominal',
        'nosing', 'hand_room', 'drop', 'lower_at', 'play', 'overlap', 'overlay', 'stile', 'mattress_length', 'mattress_width', 'mattress_height', 'slat_width', 'slat_gap'];

    /** Null where there is nothing. */
    public static function of(string $key, mixed $value): ?Text
    {
        return match (true) {
            $value === null => null,
            is_bool($value) => Text::of($value ? 'history.yes' : 'history.no'),
            is_int($value), is_float($value) => self::number($key, $value),
            is_string($value) => Text::of('history.plain', value: self::plain($value)),
            is_array($value) => self::several($value),
            default => Text::of('history.plain', value: '?'),
        };
    }

    private static function number(string $key, int|float $value): Text
    {
        return match (true) {
            str_ends_with($key, '_cents') => Text::of('history.plain', value: number_format($value / 100, 2, '.', '')),
            in_array($key, self::LENGTHS, true) && is_finite((float) $value) && abs($value) < 1e6 => Text::of('history.length', length: Length::fromMillimetres($value)),
            default => Text::of('history.plain', value: (string) $value),
        };
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
