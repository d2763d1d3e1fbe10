<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Findings\Authority;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;

/**
 * The usable space under a stair usually wants a lining that holds fire back (fieldbook §5): whether it does is for building control to
 * say, before it is closed.
 */
final class FireLining implements Check
{
    public function of(PlacedPiece $built): array
    {
        $space = $built->room->space;

        return $space->kind === SpaceKind::UnderStair && ! $space->build->fireLined
            ? [FindingFactory::gate('house.fire_lining', new Place(WorkStage::Site, $space->id), Authority::BuildingControl)] : [];
    }
}
