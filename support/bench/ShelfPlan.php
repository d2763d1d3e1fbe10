<?php

declare(strict_types=1);

use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\Stock;

/**
 * The plan a person makes on squared paper: parts by falling width, each in the first row that has room, rows across the
 * first sheet that has room (first fit, decreasing). Shares nothing with the nester, so as to be compared with it.
 */
final class ShelfPlan
{
    /**
     * @param  list<Item>  $items  that may turn lie with the long side along the sheet
     * @return list<LaidSheet>
     */
    public static function of(array $items, Stock $stock): array
    {
        $usable = $stock->largest()->usable();
        $parts = array_map(function (Item $i) use ($usable): array {
            $ways = array_values(array_filter($i->orientations(), fn (array $w): bool => $w[0] <= $usable->length && $w[1] <= $usable->width));
            usort($ways, fn (array $a, array $b): int => $b[0] <=> $a[0]);

            return [$i->id, ...$ways[0]];
        }, $items);
        usort($parts, fn (array $a, array $b): int => [$b[2], $b[1], $a[0]] <=> [$a[2], $a[1], $b[0]]);
        $rows = $sheets = [];
        foreach ($parts as [$id, $l, $w, $turned]) {
            $at = null;
            foreach ($rows as $r => [, , $x, $high]) {
                if ($w <= $high && $x + $l <= $usable->length) {
                    $at = $r;
                    break;
                }
            }
            if ($at === null) {
                $sheet = array_key_first(array_filter($sheets, fn (int $y): bool => $y + $w <= $usable->width)) ?? count($sheets);
                $rows[] = [$sheet, $sheets[$sheet] ?? 0, 0, $w];
                $sheets[$sheet] = ($sheets[$sheet] ?? 0) + $w + $stock->kerf;
                $at = count($rows) - 1;
            }
            [$sheet, $y, $x] = $rows[$at];
            $laid[$sheet][] = new Placement($id, $usable->x + $x, $usable->y + $y, $l, $w, $turned);
            $rows[$at][2] += $l + $stock->kerf;
        }

        return array_map(fn (array $p): LaidSheet => new LaidSheet($stock->largest(), $p), array_values($laid ?? []));
    }
}
