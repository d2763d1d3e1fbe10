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

/** A box around pipes in one corner of the bay, with a panel that lifts off where somebody must reach in. */
final class Chase implements FillMaker
{
    private const GAP_MM = 2;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        [$w, $d] = [$is->length('width'), $is->length('depth')];
        if ($cell->x->value()->isLessThan($w) || $cell->y->value()->isLessThan($d)) {
            $at->cannot('piece.chase_too_large', Length::least($cell->x->value(), $cell->y->value()), Length::greatest($w, $d));

            return;
        }
        $left = $is->choice('side') === 'left';
        $x = $left ? $cell->x->first($w, Text::of('piece.chase_width')) : $cell->x->last($w, Text::of('piece.chase_width'));
        $y = Span::of($cell->y->from, $d->minus($t), Text::of('piece.chase_depth'));
        $cheek = $at->maker()
            ->upright(new Named("{$cell->bay->id}:chase_cheek", Role::Board, Text::of('part.chase_cheek', bay: $cell->label)),
                $left ? $x->to()->minus($t) : $x->from, $y, $cell->z);
        $this->faces($at, $x, $y->to(), $cheek->id);
    }

    private function faces(Workplace $at, Span $x, Length $y, string $cheek): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $gap = Length::fromMillimetres(self::GAP_MM);
        $from = Length::least($cell->z->to(), Length::greatest($cell->z->from, $cell->floor->plus($is->length('access_at'))));
        $to = Length::least($cell->z->to(), $from->plus($is->length('access_height')));
        $why = Text::of('piece.around_access');
        $spans = ['chase_below' => [$cell->z->from, $from], 'chase_access' => [$from->plus($gap), $to->minus($gap)], 'chase_above' => [$to, $cell->z->to()]];
        foreach ($spans as $name => [$a, $b]) {
            if ($b->minus($a)->isLessThan(Length::fromMillimetres(20))) {
                continue;
            }
            $panel = $at->maker()
                ->face(new Named("{$cell->bay->id}:$name", $name === 'chase_access' ? Role::Door : Role::Board,
                    Text::of("part.$name", bay: $cell->label)), $x, $y, Span::of($a, $b->minus($a), $why));
            $at->bench->join($panel->id, $cheek, $name === 'chase_access' ? JointKind::Rests : JointKind::Screws, Axis::Y);
        }
        $at->need('magnet_catch', 4);
    }
}
