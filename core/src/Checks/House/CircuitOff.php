<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Survey\PlacedThing;

/**
 * A socket, a switch or a light that is brought forward, cut through or taken down: its circuit is off first, and what else goes dark with
 * it is known (from practice).
 */
final class CircuitOff implements Check
{
    private const LIVE = [ThingKind::Socket, ThingKind::DoubleSocket, ThingKind::Switch_, ThingKind::TwoWaySwitch, ThingKind::Light, ThingKind::JunctionBox];

    public function of(PlacedPiece $built): array
    {
        $live = array_values(array_filter($built->room->things, fn (PlacedThing $p): bool => in_array($p->thing->kind, self::LIVE, true)
            && in_array($p->thing->treatment, [Treatment::BringForward, Treatment::CutThrough, Treatment::TakeOff], true)));

        return $live === [] ? []
            : [FindingFactory::note('house.circuit_off', new Place(WorkStage::Site, $live[0]->thing->id),
                'practice', ['thing' => $live[0]->name(), 'n' => count($live)])];
    }
}
