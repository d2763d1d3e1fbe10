<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Survey\Known;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Unread;

/**
 * Where nobody has read a wall that something is cut to: a bulge may stand wherever no reading and no laid edge is near, what stands proud of the edge
 * wants a width of its own, and a wall that turns or leans further than walls do may have a step.
 */
final class WallsRead
{
    private const CODES = [
        'left' => ['unread' => 'survey.unread_left', 'parts' => 'survey.parts_left', 'proud' => 'survey.proud_left',
            'nowhere' => 'survey.nowhere_left', 'hollow' => 'survey.hollow_left', 'turns' => 'survey.turns_left',
            'leans' => 'survey.leans_left', 'step_out' => 'survey.step_out_left', 'step_up' => 'survey.step_up_left'],
        'right' => ['unread' => 'survey.unread_right', 'parts' => 'survey.parts_right', 'proud' => 'survey.proud_right',
            'nowhere' => 'survey.nowhere_right', 'hollow' => 'survey.hollow_right', 'turns' => 'survey.turns_right',
            'leans' => 'survey.leans_right', 'step_out' => 'survey.step_out_right', 'step_up' => 'survey.step_up_right'],
    ];

    /** @return list<Finding> */
    public function of(Room $room): array
    {
        $open = array_filter($room->doubt->known, fn (Known $k): bool => $room->isMeasured() && ! $k->settled);
        $unread = array_merge(...array_map(fn (Known $k): array => $k->unread, array_values($open)), ...[[]]);

        return array_map(fn (Unread $u): Finding => FindingFactory::look(self::CODES[$u->side->value][$u->what->said()],
            new Place(WorkStage::Site, $room->space->id), 'survey', $u->args()), $unread);
    }
}
