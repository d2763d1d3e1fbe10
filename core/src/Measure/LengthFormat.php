<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** Writes lengths: lossless for storage and echo, to a fraction or a decimal for reading. */
final class LengthFormat
{
    /** Everything the length holds: "843.475 mm", "34 5/8 in", "0.703 in". */
    public static function lossless(Length $length, Unit $unit): string
    {
        if ($unit === Unit::Millimetre) {
            return self::decimal($length->units, Length::PER_MM).' mm';
        }

        return ($length->units % Length::PER_SIXTY_FOURTH === 0
            ? self::fraction($length, 64)
            : self::decimal($length->units, Length::PER_INCH)).' in';
    }

    /** To the nearest 1/64 in, or 0.1 mm: the other unit beside an entry. */
    public static function nearest(Length $length, Unit $unit): string
    {
        return $unit === Unit::Inch ? self::fraction($length, 64).' in' : self::millimetres($length, 1).' mm';
    }

    /** Fixed decimals, half away from zero. */
    public static function millimetres(Length $length, int $decimals): string
    {
        $text = number_format(round($length->units / Length::PER_MM, $decimals), $decimals, '.', '');

        return (float) $text === 0.0 ? ltrim($text, '-') : $text;
    }

    /** The nearest 1/denominator inch, reduced: "33 13/64", "-3/4", "0". */
    public static function fraction(Length $length, int $denominator): string
    {
        $step = intdiv(Length::PER_INCH, $denominator);
        $count = (int) round(abs($length->units) / $step);
        $whole = intdiv($count, $denominator);
        $top = $count % $denominator;
        while ($top > 0 && $top % 2 === 0) {
            $top = intdiv($top, 2);
            $denominator = intdiv($denominator, 2);
        }
        $sign = $length->isNegative() && $count > 0 ? '-' : '';
        if ($top === 0) {
            return $sign.$whole;
        }

        return $sign.($whole === 0 ? '' : "$whole ")."$top/$denominator";
    }

    /** The shortest decimal that is exact, or 9 places where none is. */
    private static function decimal(int $units, int $per): string
    {
        $sign = $units < 0 ? '-' : '';
        $whole = intdiv(abs($units), $per);
        $rest = abs($units) % $per;
        $digits = '';
        for ($i = 0; $rest > 0 && $i < 9; $i++) {
            $rest *= 10;
            $digits .= intdiv($rest, $per);
            $rest %= $per;
        }

        return $sign.$whole.($digits === '' ? '' : ".$digits");
    }
}
