<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;

/**
 * A board held by pocket screws at both ends between two uprights: a driver with its long bit lies along it, and takes about 250 mm.
 * Where there is less the second end cannot be driven. From practice.
 */
final class DriverRoom implements Check
{
    public function of(PlacedPiece $built): array
    {
        $ends = [];
        foreach ($built->design->joints as $joint) {
            if ($joint->kind === JointKind::PocketScrews && $joint->axis !== Axis::Z) {
                $ends[$joint->first] = ($ends[$joint->first] ?? 0) + 1;
            }
        }
        $limit = $built->project->lengthLimit(Limit::DriverRoom);
        $short = array_filter($built->fit->panels,
            fn (Panel $p): bool => ($ends[$p->id] ?? 0) > 1 && ! $p->role->moves() && $p->length->value->isLessThan($limit));
        if ($short === []) {
            return [];
        }
        usort($short, fn (Panel $a, Panel $b): int => [$a->length->value->units, $a->id] <=> [$b->length->value->units, $b->id]);
        $least = $short[0];

        return [FindingFactory::look('cut.driver_no_room', new Place(WorkStage::Cut, $least->id), 'practice',
            ['part' => $least->name, 'room' => $least->length->value, 'limit' => $limit, 'n' => count($short)])->measuring($least->length->value, $limit)];
    }
}
