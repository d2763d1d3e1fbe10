<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Saw\SawCut;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Cut\Saw\SawPiece;
use Incastro\Core\Measure\Length;

/** One sheet as data: placements, cuts in order, leftovers; lengths in mm from the full sheet's corner. */
final class NestWriter
{
    /**
     * @param  array<string, string>  $labels  by part id
     * @return array{placements: list<array<string, mixed>>, cuts: list<array<string, mixed>>, offcuts: list<array<string, mixed>>}
     */
    public static function sheet(LaidSheet $sheet, Sawing $sawing, array $labels): array
    {
        return [
            'placements' => array_map(fn (Placement $p): array => [
                'part' => $p->item, 'label' => $labels[$p->item] ?? $p->item,
                ...self::rect(new Rect($p->x, $p->y, $p->length, $p->width)), 'turned' => $p->turned,
            ], $sheet->placements),
            'cuts' => array_map(fn (SawCut $cut): array => self::cut($cut)
                + ['off' => self::yields($cut->off, $labels), 'rest' => $cut->rest === null ? null : self::yields($cut->rest, $labels)], $sawing->cuts),
            'offcuts' => array_map(fn (Rect $r): array => [...self::rect($r), 'worth_keeping' => $r->isWorthKeeping()], $sawing->offcuts),
        ];
    }

    /** @return array<string, mixed> */
    public static function cut(SawCut $cut): array
    {
        return [
            'order' => $cut->order,
            'kind' => $cut->kind(),
            'axis' => $cut->axis,
            'at_mm' => Length::ofUnits($cut->at),
            'from_mm' => Length::ofUnits($cut->from),
            'to_mm' => Length::ofUnits($cut->to),
            'piece' => $cut->piece,
            'trim' => $cut->isTrim,
            'fence_mm' => Length::ofUnits($cut->fence),
            'from_far' => $cut->fromFar,
            'setting' => $cut->isSetting,
            'saw' => $cut->saw?->kind->value,
        ];
    }

    /** @return array{x_mm: Length, y_mm: Length, length_mm: Length, width_mm: Length} */
    public static function rect(Rect $rect): array
    {
        return [
            'x_mm' => Length::ofUnits($rect->x),
            'y_mm' => Length::ofUnits($rect->y),
            'length_mm' => Length::ofUnits($rect->length),
            'width_mm' => Length::ofUnits($rect->width),
        ];
    }

    /**
     * What a cut sets free: a part, a piece that is cut further and the parts in it, a leftover, or a trimming.
     *
     * @param  array<string, string>  $labels
     * @return array{what: string, parts: list<string>, length_mm: Length, width_mm: Length}
     */
    private static function yields(SawPiece $piece, array $labels): array
    {
        return [
            'what' => match (true) {
                $piece->part !== null => 'part',
                $piece->row !== [] => 'piece',
                $piece->isTrim => 'trim',
                default => 'leftover',
            },
            'parts' => array_map(fn (Placement $p): string => $labels[$p->item] ?? $p->item, $piece->parts()),
            'length_mm' => Length::ofUnits(max(0, $piece->rect->length)),
            'width_mm' => Length::ofUnits(max(0, $piece->rect->width)),
        ];
    }
}
