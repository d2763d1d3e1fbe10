<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;

/**
 * Shelves, doors and drawers are climbed: a piece higher than 686 mm is tied to the wall where children live (usual rule, US clothes
 * storage; fieldbook §7: what a child may climb is tied to structure).
 */
final class TieBack implements HoldingCheck
{
    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $limit = $built->project->lengthLimit(Limit::TieBack);
        $high = $built->box->top()->minus($built->room->floorHighPoint());
        // A filler is no tie, nor is a screw into nobody knows what, or at its foot.
        $isTied = array_filter($assembly->wall($built->piece->id), fn (WallFixing $f): bool => $f->ties($built->box->floor, $built->box->top())) !== [];

        return ! $built->project->house->children || $isTied || $built->design->fronts === [] || ! $high->isGreaterThan($limit) ? []
            : [FindingFactory::look('people.tie_back', new Place(WorkStage::Fit, $built->piece->id),
                'children', ['high' => $high, 'limit' => $limit])->measuring($high, $limit)];
    }
}
