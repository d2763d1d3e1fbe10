<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Boards over the rear of the bay. Courses = 1 + ceil((H − first)/cover); balanced so that neither end is under a third of a board (fieldbook §6). */
final class Panelling implements FillMaker
{
    private const MOST = 120;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $level = $is->choice('laid') === 'level';
        [$whole, $along] = $level ? [$cell->z, $cell->x] : [$cell->x, $cell->z];
        $courses = self::courses($whole->value(), $is->length('cover'));
        if (count($courses) > self::MOST) {
            $at->cannot('piece.too_many_courses', Length::fromMillimetres(self::MOST), Length::fromMillimetres(count($courses)));

            return;
        }
        $from = $whole->from;
        $thick = Span::of($cell->y->from, $is->length('thickness'), Text::of('piece.board_thickness'));
        foreach ($courses as $i => $cover) {
            $width = Span::of($from, $cover, Text::of($i === 0 ? 'piece.first_course' : ($i === count($courses) - 1 ? 'piece.last_course' : 'piece.course')));
            $spans = $level ? [$along, $thick, $width] : [$width, $thick, $along];
            $at->maker()->bought(new Named("{$cell->bay->id}:course_".($i + 1), Role::Board,
                Text::of('part.course', n: $i + 1, bay: $cell->label)), $spans, $level ? Axis::X : Axis::Z, Axis::Y);
            $from = $from->plus($cover);
        }
        $at->need('board_pack', intdiv(count($courses) + $is->count('pack') - 1, $is->count('pack')), $along->value());
    }

    /** @return list<Length> what shows of each course, from the first */
    public static function courses(Length $whole, Length $cover): array
    {
        $full = intdiv($whole->units, $cover->units);
        $rest = $whole->minus($cover->times($full));
        if ($full === 0) {
            return [$whole];
        }
        if ($rest->isZero()) {
            return array_fill(0, $full, $cover);
        }
        if ($rest->times(3)->isLessThan($cover)) {
            // Too narrow to end with: a full board is given up and both ends share.
            $ends = $rest->plus($cover)->splitInto(2);

            return [$ends[0], ...array_fill(0, $full - 1, $cover), $ends[1]];
        }

        return [...array_fill(0, $full, $cover), $rest];
    }
}
