<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Saw;

use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Stock;

/** Why a sheet that is laid so cannot be cut. */
final class WhyUncut
{
    /** @return array{'off'|'saw'|'tools', string}|null what keeps it from being cut, and a part concerned */
    public static function of(LaidSheet $sheet, Stock $stock): ?array
    {
        $usable = $sheet->kind->usable();
        foreach ($sheet->placements as $p) {
            if ($p->x < $usable->x || $p->y < $usable->y || $p->right() > $usable->x + $usable->length || $p->top() > $usable->y + $usable->width) {
                return ['off', $p->item];
            }
        }
        $sawing = Sawing::of($sheet, $stock->kerf, $stock->saws);

        return match (true) {
            ! $sawing->isSeparable => ['saw', $sheet->placements[0]->item ?? ''],
            ! $sawing->isCuttable => ['tools', $sheet->placements[0]->item ?? ''],
            default => null,
        };
    }
}
