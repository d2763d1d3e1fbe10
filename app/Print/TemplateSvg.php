<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;

/**
 * A template as SVG at full size: width and height in mm, one user unit a millimetre, y down. A 100 mm square stands below it.
 *
 * @phpstan-import-type Template from PlanShapes
 */
final class TemplateSvg
{
    private const PENS = ['cut' => '0.35', 'straight' => '0.18', 'blank' => '0.15', 'station' => '0.1', 'outline' => '0.18'];

    /** @param  Template  $template */
    public static function of(array $template): string
    {
        [$left, $bottom, $right, $top] = $template['bounds'];
        [$x, $y, $width, $height] = [$left - 10, -$top - 10, max($right - $left, 100.0) + 20, $top - $bottom + 130];
        $words = Catalogue::own();
        $title = Svg::text($words->renderPlain($template['name']).', '.$words->renderPlain($template['seen']));
        $lines = [];
        foreach ($template['lines'] as $line) {
            $dash = $line['layer'] === 'blank' ? ' stroke-dasharray="3 2"' : '';
            $shape = $line['circle'] === null ? sprintf('%s points="%s"', $line['closed'] ? 'polygon' : 'polyline', Svg::points($line['points']))
                : sprintf('circle cx="%s" cy="%s" r="%s"', Svg::n($line['circle']['at'][0]), Svg::n(-$line['circle']['at'][1]), Svg::n($line['circle']['radius']));
            $lines[] = sprintf('<%s class="%s" stroke-width="%s"%s/>', $shape, $line['layer'], self::PENS[$line['layer']], $dash);
        }
        foreach ($template['marks'] as $mark) {
            $lines[] = sprintf('<text x="%s" y="%s">%s</text>', Svg::n($mark['at'][0] + 1), Svg::n(3 - $mark['at'][1]), Svg::text($words->renderPlain($mark['text'])));
        }
        $lines[] = sprintf('<rect class="test-square" x="%s" y="%s" width="100" height="100" stroke-width="0.25"/>', Svg::n($left), Svg::n(-$bottom + 10));
        $lines[] = sprintf('<text x="%s" y="%s">100 × 100 mm</text>', Svg::n($left + 2), Svg::n(-$bottom + 15));

        return sprintf('<?xml version="1.0" encoding="UTF-8"?>'."\n".'<svg xmlns="http://www.w3.org/2000/svg" width="%2$smm" height="%3$smm" viewBox="%4$s %5$s %2$s %3$s" fill="none" stroke="#22262b" font-family="sans-serif" font-size="2.4">'."\n".'<title>%1$s</title>'."\n".'<style>text { fill: #22262b; stroke: none }</style>'."\n".'%6$s'."\n</svg>\n",
            $title, Svg::n($width), Svg::n($height), Svg::n($x), Svg::n($y), implode("\n", $lines));
    }
}
