<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\FloatingSchool;
use Incastro\Core\Document\Model\FloorKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;

/**
 * A floating floor has to move: under more than 150 kg with what is in it (our own figure) it is pinned, and opens or buckles elsewhere.
 * Cut it away around the base (fieldbook §3).
 */
final class FloorPinned implements Check
{
    private const MOST_KG = 150.0;

    public function of(PlacedPiece $built): array
    {
        $stands = ! ($built->piece->stand?->up->isPositive() ?? false);
        $isFree = $built->piece->meeting(EdgeName::Base)?->floating === FloatingSchool::CutAway;
        if ($built->room->space->build->floor !== FloorKind::Floating || ! $stands || $isFree) {
            return [];
        }
        $kg = Stowed::filled($built);

        return $kg <= self::MOST_KG ? []
            : [FindingFactory::look('house.floor_pinned', new Place(WorkStage::Fit, $built->piece->id),
                'floors', ['kg' => (int) ceil($kg), 'most' => (int) self::MOST_KG])];
    }
}
