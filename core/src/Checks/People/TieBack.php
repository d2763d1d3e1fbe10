<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\WallScrews;

/**
 * Shelves, doors and drawers are climbed: a piece higher than 686 mm is tied to the wall where children live (usual rule, US clothes
 * storage; fieldbook §7: what a child may climb is tied to structure).
 */
final class TieBack implements Check
{
    public function of(PlacedPiece $built): array
    {
        $limit = $built->project->lengthLimit(Limit::TieBack);
        $high = $built->box->top()->minus($built->room->floorHighPoint());
        $isTied = WallScrews::boards($built->fit) !== [] || $built->boards(Role::Filler) !== [];

        return ! $built->project->house->children || $isTied || $built->design->fronts === [] || ! $high->isGreaterThan($limit) ? []
            : [FindingFactory::look('people.tie_back', new Place(WorkStage::Fit, $built->piece->id),
                'children', ['high' => $high, 'limit' => $limit])->measuring($high, $limit)];
    }
}
