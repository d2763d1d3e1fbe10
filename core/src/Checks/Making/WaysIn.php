<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\WayKind;
use Incastro\Core\Document\Model\WaySegment;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\Entry\Journey;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Fit\Entry\Passing;
use Incastro\Core\Fit\Entry\Standing;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Surface;

/**
 * What fits where it stands and cannot be brought there: each box, carried level, through every door, passage and corner of the way in, held
 * in one way from each to the next or turned between them (fieldbook §8), and through the mouth of the space. A way that nobody has read
 * is not known: said of all that would not pass the narrowest usual door and a narrow turn after it. What has to be searched for, raising
 * it in its place, is asked for in Fit.
 */
final class WaysIn implements Check
{
    /** Narrowest usual door of a room, and a narrow turn of a stair or passage, from one width into the other; clear (our own figures). */
    private const DOOR_MM = [600, 1_900];

    private const TURN_MM = [700, 1_950, 700];

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->loads as $load) {
            array_push($findings, ...array_filter($built->project->wayIn === [] ? [$this->unread($load)] : [$this->along($built, $load)]),
                ...array_filter([$this->mouth($built, $load)]));
        }

        return $findings;
    }

    private function along(PlacedPiece $built, Load $load): ?Finding
    {
        $journey = Journey::of($built->project->wayIn, $load);
        if ($journey->blocked !== null) {
            return $this->narrow($load, $journey->blocked, $journey->blocked->name);
        }
        if ($journey->turned === null) {
            return null;
        }
        [$before, $next, $needs, $has] = $journey->turned;

        return FindingFactory::look('fit.way_turns', new Place(WorkStage::Fit, $load->id), 'entry', ['box' => $load->name, 'way' => $before->name,
            'next' => $next->name, 'needs' => FindingFactory::up($needs), 'has' => FindingFactory::down($has)])
            ->measuring(FindingFactory::up($needs), FindingFactory::down($has));
    }

    private function narrow(Load $load, WaySegment $segment, Text|string $name): Finding
    {
        $leg = Passing::of($segment, $load);
        $by = FindingFactory::up(max(-2 * $leg['spare'], -$leg['headroom'], 0.1));

        return FindingFactory::look('fit.way_narrow', new Place(WorkStage::Fit, $load->id),
            'entry', ['box' => $load->name, 'way' => $name, 'by' => $by])->measuring($by, null);
    }

    private function unread(Load $load): ?Finding
    {
        [$door, $turn] = [array_map(Length::fromMillimetres(...), self::DOOR_MM), array_map(Length::fromMillimetres(...), self::TURN_MM)];
        $journey = Journey::of(['door' => new WaySegment('', WayKind::Door, '', $door[0], $door[1], null, null, null),
            'turn' => new WaySegment('', WayKind::Corner, '', $turn[0], $turn[1], $turn[2], null, null)], $load);

        return $journey->blocked === null && $journey->turned === null ? null
            : FindingFactory::look('fit.way_unread', new Place(WorkStage::Fit, $load->id), 'entry',
                ['box' => $load->name, 'width' => FindingFactory::up($load->widthMm), 'depth' => FindingFactory::up($load->depthMm),
                    'height' => FindingFactory::up($load->heightMm)]);
    }

    /** Through what the space opens by, as through a door. */
    private function mouth(PlacedPiece $built, Load $load): ?Finding
    {
        $standing = new Standing($built->room, $built->box, null);
        $mouth = $standing->mouth();
        if ($mouth === null || ! $built->room->shape->knows(Surface::MouthHead)) {
            return null;
        }
        $head = $built->room->shape->at(Surface::MouthHead, 0, 0) - $built->room->floorHighPoint()->millimetres();
        $segment = new WaySegment('', WayKind::Door, '', FindingFactory::down($mouth), FindingFactory::down(max(1.0, $head)), null, null, null);

        return Passing::poses($segment, $load) !== [] ? null
            : $this->narrow($load, $segment, Text::of('way.mouth_of', space: $built->room->space->name));
    }
}
