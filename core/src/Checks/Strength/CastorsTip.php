<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Checks\Check;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Panel;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * What is tall and narrow on castors tips over at atan(½ base / height of the load's centre); under 10° it wants a guide or a stop
 * (fieldbook §12). The load is taken to be spread over its height.
 */
final class CastorsTip implements Check
{
    private const LEAST_DEG = 10.0;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            $rolling = $built->movingIn($id);
            if ($rolling === [] || ! $cell->bay->fill->isOnCastors()) {
                continue;
            }
            [$base, $centre] = $this->extents($rolling, $cell);
            $deg = rad2deg(atan($base->units / 2 / $centre->units));
            if ($deg < self::LEAST_DEG) {
                $findings[] = new Finding('strength.castors_tip', Severity::Look, new Place(WorkStage::Piece, $id),
                    Text::of('strength.castors_tip', bay: $cell->label, deg: Angle::ofDegrees(round($deg, 1)),
                        base: $base, centre: $centre, least: Angle::ofDegrees(self::LEAST_DEG)),
                    Text::of('strength.castors_tip.remedy',
                        wide: Length::ofUnits((int) ceil(2 * $centre->units * tan(deg2rad(self::LEAST_DEG)) / Length::PER_MM) * Length::PER_MM)),
                    Text::of('source.castors'), $base);
            }
        }

        return $findings;
    }

    /**
     * @param  non-empty-list<Panel>  $rolling
     * @return array{Length, Length} its base across the way it rolls, and the middle of its height over the floor of the bay
     */
    private function extents(array $rolling, Cell $cell): array
    {
        // It rolls out of its bay: across is along the wall the run stands at.
        $isTurned = $rolling[0]->turned;
        $low = $high = [];
        foreach ($rolling as $panel) {
            [$from, $size] = [$panel->block->corner, $panel->block->size];
            $low[] = [$isTurned ? $from->y : $from->x, $from->z];
            $high[] = [$isTurned ? $from->y->plus($size->y) : $from->x->plus($size->x), $from->z->plus($size->z)];
        }
        $middle = Length::least(...array_column($low, 1))->plus(Length::greatest(...array_column($high, 1)))->half();

        return [Length::greatest(...array_column($high, 0))->minus(Length::least(...array_column($low, 0))), $middle->minus($cell->z->from)];
    }
}
