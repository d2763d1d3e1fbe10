<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Findings\Authority;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\WallBoards;
use Incastro\Core\Survey\PlacedThing;

/** In a rented house the landlord is asked before anything is screwed to a wall or taken off it. From practice. */
final class Landlord implements Check
{
    public function of(PlacedPiece $built): array
    {
        $takenOff = array_filter($built->room->things,
            fn (PlacedThing $p): bool => in_array($p->thing->treatment, [Treatment::TakeOff, Treatment::CutThrough], true));

        return $built->project->house->rented && ($takenOff !== [] || WallBoards::of($built->fit) !== [])
            ? [FindingFactory::gate('house.landlord', new Place(WorkStage::Site, $built->room->space->id), Authority::Landlord)] : [];
    }
}
