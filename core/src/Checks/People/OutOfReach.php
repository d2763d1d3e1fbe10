<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\HowOften;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;

/** What is fetched every day is got without a step: its bay begins no higher than 1700 mm (from practice, a reach of 1900 less what is taken down). */
final class OutOfReach implements Check
{
    public function of(PlacedPiece $built): array
    {
        $limit = $built->project->lengthLimit(Limit::Reach);
        $findings = [];
        foreach (Stowed::kept($built) as [$thing, $cell, $at]) {
            if ($thing->often === HowOften::Daily && $at->isGreaterThan($limit)) {
                $findings[] = FindingFactory::look('people.out_of_reach', Place::inPiece($cell->bay->id), 'reach',
                    ['thing' => $thing->name, 'bay' => $cell->label, 'at' => $at, 'limit' => $limit])->measuring($at, $limit);
            }
        }

        return $findings;
    }
}
