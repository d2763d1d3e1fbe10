<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * Over an open fire (US, fieldbook §5): from 152 to 305 mm above the opening wood stands out 3 mm at most for each 25 mm of that distance.
 * Nearer, nothing (thing.too_near). A stove: its listing only.
 */
final class MantelNear implements Check
{
    private const FAR_MM = 305;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->room->things as $placed) {
            if ($placed->thing->kind !== ThingKind::Fireplace) {
                continue;
            }
            $top = $placed->block->to(Axis::Z);
            foreach ($built->fit->panels as $panel) {
                $above = $panel->block->corner->z->minus($top);
                $out = $panel->block->to(Axis::Y)->minus($placed->block->corner->y);
                $most = Length::ofUnits(intdiv(3 * max(0, $above->units), 25));
                if (! $panel->bought && ! $above->isNegative() && $above->isLessThan(Length::fromMillimetres(self::FAR_MM)) && $out->isGreaterThan($most)
                    && $placed->meetsRun($panel->block->corner->x, $panel->block->to(Axis::X))) {
                    $findings[$placed->thing->id] ??= FindingFactory::look('house.mantel_near', new Place(WorkStage::Fit, $panel->id), 'fire',
                        ['part' => $panel->name, 'thing' => $placed->name(), 'above' => $above, 'out' => $out, 'most' => $most])->measuring($out, $most);
                }
            }
        }

        return array_values($findings);
    }
}
