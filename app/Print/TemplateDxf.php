<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use Illuminate\Support\Str;

/**
 * A template as DXF, R12: one unit a millimetre, y up, a layer for each kind of line, and a 100 mm square on a layer of its own.
 *
 * @phpstan-import-type Template from PlanReader
 */
final class TemplateDxf
{
    private const SQUARE = 100.0;

    /** @param  Template  $template */
    public static function of(array $template): string
    {
        [$left, $bottom] = $template['bounds'];
        $words = Catalogue::english();
        $out = [[0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']];
        foreach ($template['lines'] as $line) {
            array_push($out, ...self::polyline(strtoupper($line['layer']), $line['points'], $line['closed']));
        }
        foreach ($template['marks'] as $mark) {
            array_push($out, ...self::text('MARKS', $mark['at'][0] + 1, $mark['at'][1] + 1, $words->renderPlain($mark['text'])));
        }
        $low = $bottom - self::SQUARE - 10;
        array_push($out, ...self::polyline('TEST_SQUARE_100_MM', [[$left, $low], [$left + self::SQUARE, $low], [$left + self::SQUARE, $low + self::SQUARE], [$left, $low + self::SQUARE]], true));
        array_push($out, ...self::text('MARKS', $left + 2, $low + 2, '1 unit = 1 mm; this square is 100 x 100 mm. '.$words->renderPlain($template['name']).', '.$words->renderPlain($template['seen'])));
        array_push($out, [0, 'ENDSEC'], [0, 'EOF']);

        return implode('', array_map(fn (array $pair): string => sprintf("%3d\r\n%s\r\n", $pair[0], $pair[1]), $out));
    }

    /**
     * @param  list<array{int|float, int|float}>  $points
     * @return list<array{int, string}>
     */
    private static function polyline(string $layer, array $points, bool $closed): array
    {
        $out = [[0, 'POLYLINE'], [8, $layer], [66, '1'], [10, '0.0'], [20, '0.0'], [30, '0.0'], [70, $closed ? '1' : '0']];
        foreach ($points as [$x, $y]) {
            array_push($out, [0, 'VERTEX'], [8, $layer], [10, self::n($x)], [20, self::n($y)], [30, '0.0']);
        }

        return [...$out, [0, 'SEQEND'], [8, $layer]];
    }

    /** @return list<array{int, string}> */
    private static function text(string $layer, float $x, float $y, string $text): array
    {
        $plain = Str::ascii(str_replace(["\u{00A0}", '·', '≈'], [' ', '/', '~'], $text));

        return [[0, 'TEXT'], [8, $layer], [10, self::n($x)], [20, self::n($y)], [30, '0.0'], [40, '3.0'], [1, $plain]];
    }

    private static function n(int|float $mm): string
    {
        return number_format($mm, 6, '.', '');
    }
}
