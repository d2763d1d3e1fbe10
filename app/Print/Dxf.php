<?php

declare(strict_types=1);

namespace App\Print;

use Illuminate\Support\Str;

/** Spells DXF, R12: group codes and values, ASCII alone, one unit a millimetre. */
final class Dxf
{
    private const SQUARE = 100.0;

    /**
     * @param  list<array{int, string}>  $entities
     * @param  list<array{int, string}>  $blocks
     */
    public static function file(array $entities, array $blocks = []): string
    {
        $header = [[0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [0, 'ENDSEC']];
        $blocks = $blocks === [] ? [] : [[0, 'SECTION'], [2, 'BLOCKS'], ...$blocks, [0, 'ENDSEC']];

        return implode('', array_map(fn (array $pair): string => sprintf("%3d\r\n%s\r\n", $pair[0], $pair[1]), [...$header, ...$blocks, [0, 'SECTION'], [2, 'ENTITIES'], ...$entities, [0, 'ENDSEC'], [0, 'EOF']]));
    }

    /**
     * A square of 100 mm to check the reading unit by, on a layer of its own, with what the file says of itself.
     *
     * @return list<array{int, string}>
     */
    public static function testSquare(float $left, float $low, string $says): array
    {
        return [
            ...self::polyline('TEST_SQUARE_100_MM', [[$left, $low], [$left + self::SQUARE, $low], [$left + self::SQUARE, $low + self::SQUARE], [$left, $low + self::SQUARE]], true),
            ...self::text('MARKS', $left + 2, $low + 2, "1 unit = 1 mm; this square is 100 x 100 mm. $says"),
        ];
    }

    /**
     * @param  list<array{int|float, int|float}>  $points
     * @return list<array{int, string}>
     */
    public static function polyline(string $layer, array $points, bool $closed): array
    {
        $layer = self::name($layer);
        $out = [[0, 'POLYLINE'], [8, $layer], [66, '1'], [10, '0.0'], [20, '0.0'], [30, '0.0'], [70, $closed ? '1' : '0']];
        foreach ($points as [$x, $y]) {
            array_push($out, [0, 'VERTEX'], [8, $layer], [10, self::n($x)], [20, self::n($y)], [30, '0.0']);
        }

        return [...$out, [0, 'SEQEND'], [8, $layer]];
    }

    /** @return list<array{int, string}> */
    public static function circle(string $layer, int|float $x, int|float $y, int|float $radius): array
    {
        return [[0, 'CIRCLE'], [8, self::name($layer)], [10, self::n($x)], [20, self::n($y)], [30, '0.0'], [40, self::n($radius)]];
    }

    /**
     * Two straight lines and two half circles: what a cutter leaves that went along.
     *
     * @return list<array{int, string}>
     */
    public static function slot(string $layer, float $x, float $y, float $length, float $width): array
    {
        $r = min($length, $width) / 2;
        $isAlong = $length >= $width;
        [$x1, $y1, $x2, $y2] = [$x + $r, $y + $r, $x + $length - $r, $y + $width - $r];
        [$from, $to] = $isAlong ? [90, 270] : [180, 360];
        $lines = $isAlong ? [[$x1, $y, $x2, $y], [$x1, $y + $width, $x2, $y + $width]] : [[$x, $y1, $x, $y2], [$x + $length, $y1, $x + $length, $y2]];

        return array_merge(self::arc($layer, $x1, $y1, $r, $from, $to), self::arc($layer, $x2, $y2, $r, $to % 360, $from), ...array_map(fn (array $l): array => self::line($layer, ...$l), $lines));
    }

    /** @return list<array{int, string}> counter-clockwise from one angle to the other, degrees */
    public static function arc(string $layer, float $x, float $y, float $radius, float $from, float $to): array
    {
        return [[0, 'ARC'], [8, self::name($layer)], [10, self::n($x)], [20, self::n($y)], [30, '0.0'], [40, self::n($radius)], [50, self::n($from)], [51, self::n($to)]];
    }

    /** @return list<array{int, string}> */
    public static function line(string $layer, float $x1, float $y1, float $x2, float $y2): array
    {
        return [[0, 'LINE'], [8, self::name($layer)], [10, self::n($x1)], [20, self::n($y1)], [30, '0.0'], [11, self::n($x2)], [21, self::n($y2)], [31, '0.0']];
    }

    /** @return list<array{int, string}> */
    public static function text(string $layer, float $x, float $y, string $text, float $high = 3.0): array
    {
        $plain = Str::ascii(str_replace(["\u{00A0}", '·', '≈'], [' ', '/', '~'], $text));
        $plain = (string) preg_replace('/[^\x20-\x7e]/', ' ', $plain);

        return [[0, 'TEXT'], [8, self::name($layer)], [10, self::n($x)], [20, self::n($y)], [30, '0.0'], [40, self::n($high)], [1, $plain]];
    }

    /**
     * @param  list<array{int, string}>  $entities
     * @return list<array{int, string}>
     */
    public static function block(string $name, array $entities): array
    {
        $name = self::name($name);

        return [[0, 'BLOCK'], [8, '0'], [2, $name], [70, '0'], [10, '0.0'], [20, '0.0'], [30, '0.0'], [3, $name], ...$entities, [0, 'ENDBLK'], [8, '0']];
    }

    /** @return list<array{int, string}> */
    public static function insert(string $name, float $x, float $y): array
    {
        return [[0, 'INSERT'], [8, '0'], [2, self::name($name)], [10, self::n($x)], [20, self::n($y)], [30, '0.0']];
    }

    /** Layers and blocks are named in capitals, figures, dashes and underscores; 31 of them at most. */
    public static function name(string $name): string
    {
        $plain = trim((string) preg_replace('/[^A-Z0-9_-]+/', '_', strtoupper(Str::ascii($name))), '_');

        return substr($plain === '' ? 'NONE' : $plain, 0, 31);
    }

    private static function n(int|float $mm): string
    {
        return number_format($mm, 6, '.', '');
    }
}
