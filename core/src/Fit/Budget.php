<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Reading;
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
        $widest = $this->widestReading($room);
        $gone = self::isTaped($room) ? $instruments->tape->cancels($widest) : 0.0;
        $same = $gone > 0.0 ? '_same' : '';
        $tape = $instruments->tapeLimit($widest)->minus(Clip::down($gone * sqrt(3.0)));
        $level = $instruments->levelLimit($height);
        $doubt = Clip::up($this->doubt(self::known($piece, $room), $instruments, $room));
        $budget = $doubt->isGreaterThan($tape->plus($level)) ? $budget->plus($doubt, Text::of("fit.survey_doubt$same"))
            : $budget->plus($tape, Text::of("fit.tape_limit$same"))->plus($level, Text::of('fit.level_limit', h: $height));

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

    /** The survey's doubt, without what is gone where the parts are cut by the tape that read: its scale, in so much of each reading as the width has of it. */
    private function doubt(?Known $known, Instruments $instruments, Room $room): float
    {
        $gone = 0.0;
        foreach ($known->behind ?? [] as $id => $share) {
            [$reading, $take] = [$room->space->readings[$id], $room->space->readings[$id]->last()];
            $taped = $take === null ? null : Instruments::taped($reading, $take);
            $gone += $taped === null ? 0.0 : $share * $instruments->tape->cancels($taped);
        }
        $doubt = $known->doubt ?? 0.0;

        return sqrt(max(0.0, $doubt ** 2 - (2.0 * $gone) ** 2));
    }

    /** All its widths were read by tape: what another instrument read is cut too long or too short by all that the tape is out by. */
    private static function isTaped(Room $room): bool
    {
        $otherwise = fn (Reading $r): bool => array_filter($r->takes, fn (Take $t): bool => Instruments::taped($r, $t) === null) !== [];

        return array_filter($room->space->taken(ReadingKind::Width), $otherwise) === [];
    }

    private function widestReading(Room $room): Length
    {
        $values = array_map(fn ($r): Length => $r->value() ?? Length::zero(), $room->space->taken(ReadingKind::Width));

        return Length::greatest(Length::zero(), ...$values);
    }
}
