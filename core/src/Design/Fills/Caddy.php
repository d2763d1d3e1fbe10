<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A rack on castors for a narrow gap: two ends, shelves between, and a thin sheet on one long side so that it does not rack. */
final class Caddy implements FillMaker
{
    private const LEAST_MM = 60;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        [$play, $castor] = [$is->length('play'), $is->length('castor')];
        $wide = $cell->x->value()->minus($play->times(2))->minus($cell->back->thickness);
        $high = $cell->least->minus($castor)->minus($play);
        $n = $is->count('shelves');
        if ($wide->isLessThan(Length::fromMillimetres(self::LEAST_MM))
            || $high->minus($t->times($n + 1))->isLessThan(Length::fromMillimetres(self::LEAST_MM)->times($n))) {
            $at->cannot('piece.caddy_small', Length::least($wide, $high), Length::fromMillimetres(self::LEAST_MM));

            return;
        }
        if ($cell->by->floor !== null) {
            $at->cannot('piece.castors_drop', Length::zero(), $cell->z->from->minus($cell->floor));

            return;
        }
        $whole = $cell->x->inside($play, Text::of('piece.gap_each', gap: $play));
        $x = $whole->afterFirst($cell->back->thickness, Text::of('piece.side_sheet'));
        // Behind it a rail holds the uprights.
        $deep = $cell->y->afterFirst($t, Text::of('piece.behind_rail'));
        $z = Span::of($cell->z->from->plus($castor), $high, Text::of('piece.caddy_height'));
        $maker = $at->maker();
        // It rolls out lengthwise: its ends stand at the front and at the rear.
        $front = $maker->face(new Named("{$cell->bay->id}:caddy_front", Role::BoxPart,
            Text::of('part.caddy_front', bay: $cell->label)), $x, $cell->y->to()->minus($t), $z);
        $rear = $maker->face(new Named("{$cell->bay->id}:caddy_rear", Role::BoxPart, Text::of('part.caddy_rear', bay: $cell->label)), $x, $deep->from, $z);
        $sheet = $at->thin()->cheek(new Named("{$cell->bay->id}:caddy_side", Role::BoxPart, Text::of('part.caddy_side', bay: $cell->label)),
            $whole->from, $deep, $z);
        foreach ([$front, $rear] as $end) {
            $at->bench->join($sheet->id, $end->id, JointKind::Faced, Axis::X);
        }
        $y = $deep->inside($t, Text::of('piece.between_ends'));
        $rooms = $z->value()->minus($t->times($n))->splitInto($n);
        $up = $z->from;
        for ($i = 0; $i < $n; $i++) {
            $shelf = $maker->out(new Named("{$cell->bay->id}:caddy_shelf_".($i + 1), Role::BoxPart,
                Text::of('part.caddy_shelf', n: $i + 1, bay: $cell->label)), $x, $y, $up);
            $at->bench->join($shelf->id, $front->id, JointKind::Screws, Axis::Y);
            $at->bench->join($shelf->id, $rear->id, JointKind::Screws, Axis::Y);
            $at->bench->join($sheet->id, $shelf->id, JointKind::Faced, Axis::X);
            $up = $up->plus($t)->plus($rooms[$i]);
        }
        $at->need('castor', 4, $castor);
        $at->need('pull', 1);
    }
}
