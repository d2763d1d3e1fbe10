<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;

/**
 * A template as DXF: one unit a millimetre, y up, a layer for each kind of line, and a 100 mm square on a layer of its own.
 *
 * @phpstan-import-type Template from PlanShapes
 */
final class TemplateDxf
{
    /** @param  Template  $template */
    public static function of(array $template): string
    {
        [$left, $bottom] = $template['bounds'];
        $words = Catalogue::own();
        $out = [];
        foreach ($template['lines'] as $line) {
            array_push($out, ...($line['circle'] === null ? Dxf::polyline($line['layer'], $line['points'], $line['closed'])
                : Dxf::circle($line['layer'], $line['circle']['at'][0], $line['circle']['at'][1], $line['circle']['radius'])));
        }
        foreach ($template['marks'] as $mark) {
            array_push($out, ...Dxf::text('MARKS', $mark['at'][0] + 1, $mark['at'][1] + 1, $words->renderPlain($mark['text'])));
        }

        return Dxf::file([...$out, ...Dxf::testSquare($left, $bottom - 110, $words->renderPlain($template['name']).', '.$words->renderPlain($template['seen']))]);
    }
}
