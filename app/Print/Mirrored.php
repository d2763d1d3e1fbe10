<?php

declare(strict_types=1);

namespace App\Print;

/**
 * A template for marking a board from behind: left and right change places, and it says so.
 *
 * @phpstan-import-type Template from PlanShapes
 */
final class Mirrored
{
    /**
     * @param  Template  $template
     * @return Template
     */
    public static function of(array $template): array
    {
        [$left, , $right] = $template['bounds'];
        $flip = fn (array $p): array => [$left + $right - $p[0], $p[1]];
        $template['lines'] = array_map(fn (array $l): array => ['points' => array_map($flip, $l['points']),
            'circle' => $l['circle'] === null ? null : ['at' => $flip($l['circle']['at'])] + $l['circle']] + $l, $template['lines']);
        $template['marks'] = array_map(fn (array $m): array => ['at' => $flip($m['at'])] + $m, $template['marks']);
        [$template['left'], $template['right']] = [$template['right'], $template['left']];
        $template['seen'] = ['key' => 'template.seen_behind', 'args' => []];

        return $template;
    }
}
