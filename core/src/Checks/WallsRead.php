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
 * Where nobody has read a wall that something is cut to: a bulge may stand wherever no reading and no laid edge is near, and what stands proud of
 * the edge wants a width of its own.
 */
final class WallsRead
{
    private const CODES = ['left' => ['survey.unread_left', 'survey.proud_left'], 'right' => ['survey.unread_right', 'survey.proud_right']];

    /** @return list<Finding> */
    public function of(Room $room): array
    {
        $open = array_filter($room->doubt->known, fn (Known $k): bool => $room->isMeasured() && ! $k->settled);
        $unread = array_merge(...array_map(fn (Known $k): array => $k->unread, array_values($open)), ...[[]]);

        return array_map(fn (Unread $u): Finding => FindingFactory::look(self::CODES[$u->side->value][$u->proud === null ? 0 : 1],
            new Place(WorkStage::Site, $room->space->id), 'survey', $u->args()), $unread);
    }
}
