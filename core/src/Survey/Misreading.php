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
 * The ways a tape is misread or a number keyed wrong, tried on a reading that contradicts the others: two digits swapped, a whole inch, a foot or ten
 * millimetres out, a fraction counted from the wrong side of its inch, a digit doubled, another or left out. The one that lands nearest to what the
 * others say explains it. The same at the hand: resources/js/measure/misread.ts (core/tests/fixtures/misreadings.json holds both to it).
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

    /** @return iterable<array{string, float}> what it is called, and what the tape would then have shown, mm; of two that are the same the first is said */
    private static function candidates(Take $take, float $read, Unit $unit): iterable
    {
        yield from self::typed('survey.misread_digits', self::swapped($take->typed), $unit);
        if ($unit === Unit::Inch) {
            foreach (['survey.misread_inch' => 25.4, 'survey.misread_foot' => 304.8] as $key => $mm) {
                yield [$key, $read + $mm];
                yield [$key, $read - $mm];
            }
            $inches = $read / 25.4;
            yield ['survey.misread_fraction', (2 * floor($inches) + 1 - $inches) * 25.4];
        }
        foreach ($unit === Unit::Inch ? [] : self::TENS_MM as $ten) {
            yield ['survey.misread_ten', $read + $ten];
            yield ['survey.misread_ten', $read - $ten];
        }
        yield from self::typed('survey.misread_doubled', self::withoutOneOfTwo($take->typed), $unit);
        yield from self::typed('survey.misread_digit', self::withAnother($take->typed, 1), $unit);
        yield from self::typed('survey.misread_dropped', self::withAnother($take->typed, 0), $unit);
    }

    /**
     * @param  list<string>  $texts
     * @return iterable<array{string, float}>
     */
    private static function typed(string $key, array $texts, Unit $unit): iterable
    {
        foreach ($texts as $text) {
            $mm = self::tryRead($text, $unit);
            if ($mm !== null) {
                yield [$key, $mm];
            }
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

    /** @return list<string> the text with one of two like digits beside each other left out */
    private static function withoutOneOfTwo(string $typed): array
    {
        $texts = [];
        for ($i = 1; $i < strlen($typed); $i++) {
            if (ctype_digit($typed[$i]) && $typed[$i] === $typed[$i - 1]) {
                $texts[] = substr_replace($typed, '', $i, 1);
            }
        }

        return $texts;
    }

    /** @return list<string> the whole number that it begins with, one digit in place of so many there */
    private static function withAnother(string $typed, int $of): array
    {
        $texts = [];
        for ($i = 0, $length = strspn($typed, '0123456789'); $i < $length + 1 - $of; $i++) {
            for ($digit = 0; $digit < 10; $digit++) {
                $texts[] = substr_replace($typed, (string) $digit, $i, $of);
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
