<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\Stud;
use Incastro\Core\Document\Model\WallKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\WallBoards;

/**
 * Nobody wrote down where the studs were before the wall was covered: a piece that is screwed to a framed wall, and not one stud of it
 * found for certain nor the first one's place entered. From practice.
 */
final class StudsRecorded implements Check
{
    public function of(PlacedPiece $built): array
    {
        $space = $built->room->space;
        $isFramed = in_array($space->build->kind, [WallKind::WoodStud, WallKind::MetalStud, WallKind::PlasterOnLath], true);
        $found = array_filter($space->build->studs, fn (Stud $s): bool => ! $s->doubtful);

        return $isFramed && $found === [] && $space->build->firstStud === null && WallBoards::of($built->fit) !== []
            ? [FindingFactory::note('site.studs_unrecorded', new Place(WorkStage::Site, $space->id), 'practice')] : [];
    }
}
