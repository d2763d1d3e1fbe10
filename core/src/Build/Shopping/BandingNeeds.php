<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Totals;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/** Edge banding by the length of the edges that are banded, by material. */
final class BandingNeeds
{
    /** Each strip is cut long and trimmed; some tears. */
    private const SPARE = 15;

    /** @return list<Need> */
    public static function of(PlacedPiece $built, Unit $sold): array
    {
        $metres = $edges = [];
        foreach ($built->fit->panels as $panel) {
            foreach ($panel->bought ? [] : $panel->banded as $edge) {
                $metres[$panel->material] = ($metres[$panel->material] ?? Length::zero())->plus(Totals::edge($panel, $edge));
                $edges[$panel->material] = 1 + ($edges[$panel->material] ?? 0);
            }
        }
        $needs = [];
        foreach ($metres as $material => $length) {
            $needs[] = new Need(PurchaseGroup::Banding, "banding $material",
                Text::of('buy.banding', material: $built->project->stock[$material]->name), Amount::metres($length),
                [Text::of('buy.sum_banding', n: $edges[$material], metres: Amount::metres($length), piece: $built->piece->name)],
                $sold === Unit::Inch ? [7.62, 15.24] : [5.0, 10.0, 50.0], self::SPARE);
        }

        return $needs;
    }
}
