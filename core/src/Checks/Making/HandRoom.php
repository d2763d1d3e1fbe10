<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;

/** Screws to the wall are driven inside a bay: a hand with a driver takes about 90 mm. One finding a bay. From practice. */
final class HandRoom implements HoldingCheck
{
    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $limit = $built->project->lengthLimit(Limit::HandRoom);
        $findings = [];
        foreach ($assembly->wallScrews($built->piece->id) as $screw) {
            $in = $screw->bay($built->design);
            $room = $in?->x->value();
            if ($in !== null && $room !== null && $room->isLessThan($limit)) {
                $findings[$in->bay->id] = FindingFactory::look('fit.screw_out_of_reach', Place::inPiece($in->bay->id),
                    'practice', ['bay' => $in->label, 'room' => $room, 'limit' => $limit])->measuring($room, $limit);
            }
        }

        return array_values($findings);
    }
}
