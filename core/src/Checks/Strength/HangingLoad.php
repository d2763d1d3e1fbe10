<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Panel;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\WallScrews;
use Incastro\Core\Measure\Length;

/**
 * A piece that hangs: its own weight and what is in it on the screws to its studs, two at each crossing (shear, fieldbook §7); or on
 * anchors, of which half the safe working figure counts, a quarter of the ultimate one, and which are pulled out at the top by
 * T = W·(D/2)/v, v from the upper screws to where it bears below.
 */
final class HangingLoad implements Check
{
    private const A_CROSSING = 2;

    /** Anchors stand no nearer to one another. */
    private const PITCH_MM = 150;

    public function of(PlacedPiece $built): array
    {
        $boards = WallScrews::boards($built->fit);
        if (! $this->hangs($built) || $boards === []) {
            return [];
        }
        $kg = Stowed::filled($built);
        $build = $built->room->space->build;
        if ($build->anchorKg !== null && $built->box->studs === []) {
            return $this->anchors($built, $boards, $kg, $build->anchorKg / ($build->anchorUltimate ? 4 : 2));
        }
        $has = self::A_CROSSING * count($built->wallScrews);
        $wanted = (int) ceil(round($kg * Bending::GRAVITY / Screwing::shear($built), 6));

        return $has === 0 || $wanted <= $has ? []
            : [FindingFactory::look('strength.hanging_load', new Place(WorkStage::Fit, $built->piece->id), 'hanging',
                ['kg' => (int) ceil($kg), 'has' => $has, 'wanted' => $wanted])];
    }

    private function hangs(PlacedPiece $built): bool
    {
        return $built->piece->stand?->up->isPositive() === true;
    }

    /**
     * @param  non-empty-list<Panel>  $boards
     * @return list<Finding>
     */
    private function anchors(PlacedPiece $built, array $boards, float $kg, float $each): array
    {
        $up = fn (Panel $p): float => ($p->block->corner->z->units + $p->block->size->z->units / 2) / Length::PER_MM;
        $v = max(array_map($up, $boards)) - $built->box->bottom->units / Length::PER_MM;
        $pulled = $kg * (float) $built->box->depth->value->millimetres() / 2 / max(1.0, $v);
        $wanted = (int) ceil(round(max($kg, $pulled) / $each, 6));
        $has = array_sum(array_map(
            fn (Panel $p): int => 1 + intdiv(max(0, $p->length->value->units - 2 * WallScrews::END_MM * Length::PER_MM), self::PITCH_MM * Length::PER_MM),
            $boards));

        return $wanted <= $has ? []
            : [FindingFactory::look('strength.anchors_many', new Place(WorkStage::Fit, $built->piece->id), 'anchors',
                ['kg' => (int) ceil($kg), 'has' => $has, 'wanted' => $wanted, 'each' => FindingFactory::tenths($each)])];
    }
}
