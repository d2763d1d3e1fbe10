<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Adhesive for what no screw and no nail holds: a bead along each board for every 200 mm of its width. */
final class AdhesiveNeeds
{
    private const BEAD_MM = 200;

    /** A cartridge of 290 ml gives so many metres of a bead of 6 mm (our own figure). */
    private const CARTRIDGE_M = 9.0;

    /**
     * @param  list<Unit>  $glued
     * @return list<Need>
     */
    public static function of(PlacedPiece $built, array $glued): array
    {
        if ($glued === []) {
            return [];
        }
        $panels = array_merge(...array_map(fn (Unit $u): array => $u->panels, $glued));
        $bead = array_reduce($panels, fn (Length $sum, Panel $p): Length => $sum->plus($p->length->value->times(self::beads($p))), Length::zero());

        return [new Need(PurchaseGroup::Glue, 'adhesive', Text::of('buy.adhesive'), Amount::metres($bead),
            [Text::of('buy.sum_adhesive', n: count($panels), metres: Amount::metres($bead), piece: $built->piece->name)], [self::CARTRIDGE_M], 10)];
    }

    private static function beads(Panel $panel): int
    {
        return max(1, (int) ceil($panel->width->value->units / (self::BEAD_MM * Length::PER_MM)));
    }
}
