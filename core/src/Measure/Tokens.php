<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/**
 * Splits an entry into signs, brackets and numbers with their unit.
 * The rules (grouping spaces, decimal commas, feet and inches) are listed in docs/formats.md
 * and held in core/tests/fixtures/lengths.json, which the browser's reader is tested against too.
 */
final class Tokens
{
    private const UNICODE = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
        '⁄' => '/', '−' => '-', '–' => '-', '×' => '*', '·' => '*', '÷' => '/', '″' => '"', '”' => '"', '“' => '"',
        '′' => "'", '’' => "'", "\u{00A0}" => ' ', "\u{2009}" => ' ', "\u{202F}" => ' ', "\u{2060}" => '',
    ];

    private const DIGITS = '(?:\d{1,3}(?: \d{3})+(?!\d|\/128(?!\d))|\d+)(?:[.,]\d+)?|\.\d+';

    private const FRACTION = '\d+\/(?:128|64|32|16|8|4|2)(?!\d)';

    private const UNITS = 'mm|cm|m(?![a-z])|inches|inch|in(?![a-z])|feet|foot|ft|\'\'|"|\'';

    /** 34-5/8: a whole number, a hyphen without spaces and a fraction below one, as it is written in a workshop. */
    private const HYPHENED = '~(?<feet>(?:\'|ft|foot|feet)\s*)?(?<![\d.,/])(?<whole>\d+)-'
        .'(?<fraction>\d+/(?:64|32|16|8|4|2)(?!\d))(?<inches>\s*(?:"|\'\'|in))?~u';

    /**
     * @return list<array{sign?: string, whole?: string, fraction?: string, unit?: string, at: string}>
     *
     * @throws LengthNotReadable
     */
    public static function split(string $text, Unit $unit): array
    {
        $rest = self::unhyphened(trim((string) preg_replace('/\s+/u', ' ', mb_strtolower(strtr($text, self::UNICODE)))), $unit);
        if ($rest === '') {
            throw LengthNotReadable::empty();
        }
        $tokens = [];
        while ($rest !== '') {
            [$token, $taken] = self::next($rest);
            $tokens[] = $token;
            $rest = ltrim(substr($rest, $taken));
        }

        return $tokens;
    }

    /** Where inches are meant, by the document or by a mark at the number itself, the hyphen joins; elsewhere, and with spaces, it is a minus. */
    private static function unhyphened(string $text, Unit $unit): string
    {
        return (string) preg_replace_callback(self::HYPHENED, function (array $m) use ($unit): string {
            $isInches = $unit === Unit::Inch || $m['feet'] !== null || $m['inches'] !== null;

            return $isInches && self::isProper((string) $m['fraction']) ? "{$m['feet']}{$m['whole']} {$m['fraction']}{$m['inches']}" : (string) $m[0];
        }, $text, flags: PREG_UNMATCHED_AS_NULL);
    }

    /** @return array{array{sign?: string, whole?: string, fraction?: string, unit?: string, at: string}, int} */
    private static function next(string $rest): array
    {
        if (str_contains('+-*/()', $rest[0])) {
            return [['sign' => $rest[0], 'at' => $rest[0]], 1];
        }
        $number = '(?:(?<alone>'.self::FRACTION.')|(?<whole>'.self::DIGITS.')(?: (?<fraction>'.self::FRACTION.'))?)';
        if (! preg_match("~^{$number}\\s*(?<unit>".self::UNITS.')?~u', $rest, $m, PREG_UNMATCHED_AS_NULL)) {
            throw LengthNotReadable::unknownSign($rest);
        }
        $fraction = $m['alone'] ?? $m['fraction'];
        if ($fraction !== null && ! self::isProper($fraction)) {
            return self::nextWithoutFraction($rest);
        }

        return [self::number($m['whole'], $fraction, $m['unit'], $m[0]), strlen($m[0])];
    }

    /**
     * 34/8 is a division, not a fraction: take the number before the stroke alone.
     *
     * @return array{array{whole?: string, fraction?: string, unit?: string, at: string}, int}
     */
    private static function nextWithoutFraction(string $rest): array
    {
        preg_match('~^(?:'.self::DIGITS.')~', $rest, $m);
        $whole = $m[0] ?? '';

        return [self::number($whole, null, null, $whole), strlen($whole)];
    }

    /** @return array{whole?: string, fraction?: string, unit?: string, at: string} */
    private static function number(?string $whole, ?string $fraction, ?string $unit, string $at): array
    {
        if ($whole !== null && preg_match('/,\d{3}$/', $whole)) {
            throw LengthNotReadable::ambiguousComma($whole);
        }
        if ($whole !== null && $fraction !== null && preg_match('/[.,]/', $whole)) {
            throw LengthNotReadable::badGroups(trim($at));
        }
        $token = ['at' => trim($at)];
        if ($whole !== null) {
            $token['whole'] = strtr($whole, [' ' => '', ',' => '.']);
        }
        if ($fraction !== null) {
            $token['fraction'] = $fraction;
        }
        if ($unit !== null) {
            $token['unit'] = $unit;
        }

        return $token;
    }

    private static function isProper(string $fraction): bool
    {
        [$top, $bottom] = explode('/', $fraction);

        return (int) $top > 0 && (int) $top < (int) $bottom;
    }
}
