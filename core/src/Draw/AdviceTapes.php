<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Advice;
use Incastro\Core\Survey\ReadingView;
use Incastro\Core\Survey\Room;

/** Where the tape of each reading that is advised next lies. */
final class AdviceTapes
{
    /** @return list<array{Point, Point}|null> in the order of the advice */
    public static function of(Room $room): array
    {
        $tapes = new Tapes(new Outline($room, Length::zero()));

        return array_map(fn (Advice $a): ?array => $tapes->in(ReadingView::of($a->reading, $room->space), $a->reading), $room->doubt->next);
    }
}
