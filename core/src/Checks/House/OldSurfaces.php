<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\Country;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Findings\Authority;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Survey\PlacedThing;

/**
 * Paint before 1978 (US) or 1992 (elsewhere) may hold lead; textures, boards and tiles before 2000 (before 1980 in the US) asbestos: test before
 * anything is taken off (fieldbook §5; usual years, check yours). Silent where the year of the house is not known.
 */
final class OldSurfaces implements Check
{
    public function of(PlacedPiece $built): array
    {
        $year = $built->project->house->built;
        $disturbed = array_values(array_filter($built->room->things, fn (PlacedThing $p): bool => $p->thing->treatment === Treatment::TakeOff));
        if ($year === null || $disturbed === []) {
            return [];
        }
        $isUs = $built->project->house->country === Country::UnitedStates;
        $args = ['thing' => $disturbed[0]->name(), 'year' => (string) $year];
        $place = new Place(WorkStage::Site, $built->room->space->id);

        return [
            ...$year < ($isUs ? 1978 : 1992) ? [FindingFactory::gate('house.old_paint', $place, Authority::LeadTest, $args)] : [],
            ...$year < ($isUs ? 1980 : 2000) ? [FindingFactory::gate('house.old_boards', $place, Authority::AsbestosTest, $args)] : [],
        ];
    }
}
