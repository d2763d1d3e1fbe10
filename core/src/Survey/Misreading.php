<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\LengthNotReadable;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/**
 * The ways a tape is misread, tried on a reading that contradicts the others: two digits swapped, a whole inch or ten
 * millimetres out, a fraction counted from the wrong side of its inch. One that lands where the others say explains it.
 */
final class Misreading
{
    private const TENS_MM = [10.0, 100.0];

    /** How near to what the others say, in standard deviations of that, and never under this many mm. */
    private const NEAR = 3.0;

    private const NEAR_MM = 1.5;

    /**
     * @param  float  $expected  what all other readings say this one is, mm
     * @param  float  $deviation  how well they say it, one standard deviation in mm
     */
    public static function of(Take $take, float $expected, float $deviation, Unit $unit): ?Text
    {
        if ($take->value === null) {
            return null;
        }
        $read = (float) $take->value->millimetres();
        $near = max(self::NEAR_MM, min(self::NEAR * $deviation, abs($read - $expected) / 3));
        $best = null;
        foreach (self::candidates($take, $read, $unit) as [$key, $mm]) {
            $off = abs($mm - $expected);
            if ($off <= $near && ($best === null || $off < $best[1])) {
                $best = [Text::of($key, as: Length::roundedFromMillimetres($mm, Rounding::Nearest)), $off];
            }
        }

        return $best[0] ?? null;
    }

    /** @return iterable<array{string, float}> what it is called, and what the tape would then have shown, mm */
    private static function candidates(Take $take, float $read, Unit $unit): iterable
    {
        foreach (self::swapped($take->typed) as $text) {
            $mm = self::tryRead($text, $unit);
            if ($mm !== null) {
                yield ['survey.misread_digits', $mm];
            }
        }
        if ($unit === Unit::Inch) {
            yield ['survey.misread_inch', $read + 25.4];
            yield ['survey.misread_inch', $read - 25.4];
            $inches = $read / 25.4;
            yield ['survey.misread_fraction', (2 * floor($inches) + 1 - $inches) * 25.4];

            return;
        }
        foreach (self::TENS_MM as $ten) {
            yield ['survey.misread_ten', $read + $ten];
            yield ['survey.misread_ten', $read - $ten];
        }
    }

    /** @return list<string> the text with two neighbouring digits the other way round */
    private static function swapped(string $typed): array
    {
        $texts = [];
        for ($i = 1; $i < strlen($typed); $i++) {
            if (ctype_digit($typed[$i]) && ctype_digit($typed[$i - 1]) && $typed[$i] !== $typed[$i - 1]) {
                $text = $typed;
                [$text[$i - 1], $text[$i]] = [$typed[$i], $typed[$i - 1]];
                $texts[] = $text;
            }
        }

        return $texts;
    }

    private static function tryRead(string $text, Unit $unit): ?float
    {
        try {
            return (float) LengthReader::read($text, $unit)->length->millimetres();
        } catch (LengthNotReadable) {
            return null;
        }
    }
}
