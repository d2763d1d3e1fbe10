<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Survey\Room;

/** What must pass between the walls, worst case: limits are added, not squared (fieldbook §2). */
final readonly class Budget
{
    public function __construct(private Workshop $workshop)
    {
    }

    public function of(Box $box, Room $room): Figure
    {
        $instruments = new Instruments($this->workshop);
        $height = $box->height->value;
        $budget = Figure::of($box->width->value, Text::of('fit.carcass_width'), null, $box->width->exact)
            ->plus($this->workshop->partTolerance, Text::of('fit.part_tolerance'))
            ->plus($instruments->tapeLimit($this->widestReading($room)), Text::of('fit.tape_limit'));
        $budget = $room->space->taken(ReadingKind::Plumb) !== []
            ? $budget->plus($instruments->levelLimit($height), Text::of('fit.level_limit', h: $height))
            : $budget->plus($room->doubt->now, Text::of('fit.unread_lean', h: $height));

        return $budget->plus($this->workshop->slideIn, Text::of('fit.slide_in'))->named(Text::of('fit.needed'));
    }

    private function widestReading(Room $room): Length
    {
        $values = array_map(fn ($r): Length => $r->value() ?? Length::zero(), $room->space->taken(ReadingKind::Width));

        return Length::greatest(Length::zero(), ...$values);
    }
}
