<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\StandFrom;
use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Envelope\Bounds;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Survey\Known;
use Incastro\Core\Survey\Room;

/**
 * What must pass between the walls, worst case: limits are added, not squared (fieldbook §2). Tape and level are the least that a reading is out by; where
 * the survey itself knows the width less well than that, as far as it was read, its doubt stands in their place.
 */
final readonly class Budget
{
    public function __construct(private Workshop $workshop)
    {
    }

    public function of(Piece $piece, Box $box, Room $room): Figure
    {
        $instruments = new Instruments($this->workshop);
        $height = $box->height->value;
        $budget = Figure::of($box->width->value, Text::of('fit.carcass_width'), null, $box->width->exact)
            ->plus($this->workshop->partTolerance, Text::of('fit.part_tolerance'));
        [$tape, $level] = [$instruments->tapeLimit($this->widestReading($room)), $instruments->levelLimit($height)];
        $doubt = Clip::up(self::known($piece, $room)->doubt ?? 0.0);
        $budget = $doubt->isGreaterThan($tape->plus($level)) ? $budget->plus($doubt, Text::of('fit.survey_doubt'))
            : $budget->plus($tape, Text::of('fit.tape_limit'))->plus($level, Text::of('fit.level_limit', h: $height));

        return $budget->plus($this->workshop->slideIn, Text::of('fit.slide_in'))->named(Text::of('fit.needed'));
    }

    /** How well it is known what the piece stands between: the sides of the space, or beside a breast one of them and its cheek. */
    public static function known(Piece $piece, Room $room): ?Known
    {
        $name = match ((new Bounds($piece, $room))->from) {
            StandFrom::LeftFlank => 'flank_left',
            StandFrom::RightFlank => 'flank_right',
            default => 'clear_width',
        };

        return array_values(array_filter($room->doubt->known, fn (Known $k): bool => $k->name === $name))[0] ?? null;
    }

    private function widestReading(Room $room): Length
    {
        $values = array_map(fn ($r): Length => $r->value() ?? Length::zero(), $room->space->taken(ReadingKind::Width));

        return Length::greatest(Length::zero(), ...$values);
    }
}
