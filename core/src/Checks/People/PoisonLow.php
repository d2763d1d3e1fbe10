<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Built;
use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\Said;
use Incastro\Core\Document\Limit;

/** Poison, pods and blades are kept above 1500 mm where children live (from practice). */
final class PoisonLow implements Check
{
    public function of(Built $built): array
    {
        $limit = $built->length(Limit::OutOfChildrensReach);
        $findings = [];
        foreach ($built->project->house->children ? $built->kept() : [] as [$thing, $cell, $at]) {
            if ($thing->hazard && $at->isLessThan($limit)) {
                $findings[] = Said::look('people.poison_low', $built->bay($cell->bay->id), 'children', ['thing' => $thing->name, 'bay' => $cell->label, 'at' => $at, 'limit' => $limit], $at, $limit);
            }
        }

        return $findings;
    }
}
