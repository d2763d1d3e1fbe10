<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;

/** Poison, pods and blades are kept above 1500 mm where children live (from practice). */
final class PoisonLow implements Check
{
    public function of(PlacedPiece $built): array
    {
        $limit = $built->project->lengthLimit(Limit::OutOfChildrensReach);
        $findings = [];
        foreach ($built->project->house->children ? Stowed::kept($built) : [] as [$thing, $cell, $at]) {
            if ($thing->hazard && $at->isLessThan($limit)) {
                $findings[] = FindingFactory::look('people.poison_low', Place::inPiece($cell->bay->id), 'children',
                    ['thing' => $thing->name, 'bay' => $cell->label, 'at' => $at, 'limit' => $limit])->measuring($at, $limit);
            }
        }

        return $findings;
    }
}
