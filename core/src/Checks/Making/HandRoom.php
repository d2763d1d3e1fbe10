<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;

/** Screws to the wall are driven inside a bay: a hand with a driver takes about 90 mm. One finding a bay. From practice. */
final class HandRoom implements Check
{
    public function of(PlacedPiece $built): array
    {
        $limit = $built->project->lengthLimit(Limit::HandRoom);
        $findings = [];
        foreach ($built->wallScrews as $screw) {
            $room = $screw->in?->x->value();
            if ($screw->in !== null && $room !== null && $room->isLessThan($limit)) {
                $findings[$screw->in->bay->id] = FindingFactory::look('fit.screw_out_of_reach', Place::inPiece($screw->in->bay->id),
                    'practice', ['bay' => $screw->in->label, 'room' => $room, 'limit' => $limit])->measuring($room, $limit);
            }
        }

        return array_values($findings);
    }
}
