<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\PlacedThing;

/**
 * Cables run straight up, down and across from a socket or a switch, pipes from a valve: no screw within 150 mm of those lines until they are
 * proved clear (fieldbook §5). A look where fewer than two screws are left elsewhere, else a note which to leave out.
 */
final class ServiceZones implements HoldingCheck
{
    private const SERVED = [ThingKind::Socket, ThingKind::DoubleSocket, ThingKind::Switch_, ThingKind::TwoWaySwitch, ThingKind::ShutOff];

    private const WANTED = 2;

    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $screws = $assembly->wallScrews($built->piece->id);
        $zone = $built->project->lengthLimit(Limit::ServiceZone);
        $in = $by = [];
        foreach ($built->room->things as $placed) {
            if (in_array($placed->thing->kind, self::SERVED, true) && $placed->thing->face === Face::Back) {
                foreach ($screws as $i => $screw) {
                    if (self::isIn($screw->x, $placed, Axis::X, $zone) || self::isIn($screw->z, $placed, Axis::Z, $zone)) {
                        [$in[$i], $by[$i]] = [$screw, $placed];
                    }
                }
            }
        }
        if ($in === []) {
            return [];
        }
        $first = (int) array_key_first($in);
        $left = count($screws) - count($in);
        $severity = $left < self::WANTED ? Severity::Look : Severity::Note;

        return [FindingFactory::look('house.service_zone', new Place(WorkStage::Fit, $in[$first]->board->id), 'zones',
            ['n' => count($in), 'of' => count($screws), 'thing' => $by[$first]->name(), 'limit' => $zone, 'x' => $in[$first]->x])
            ->graded($severity)->measuring(null, $zone)];
    }

    private static function isIn(Length $at, PlacedThing $placed, Axis $axis, Length $zone): bool
    {
        return $at->isGreaterThan($placed->block->from($axis)->minus($zone)) && $at->isLessThan($placed->block->to($axis)->plus($zone));
    }
}
