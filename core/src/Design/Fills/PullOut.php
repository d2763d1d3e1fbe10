<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Extent;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A tall frame that pulls out whole: base, front, rear post and shelves between, on castors or slides. Slides are screwed to a rail on edge
 * at each side of the base. Under a slope its front follows the slope.
 */
final class PullOut implements FillMaker
{
    private const SLIDE_MM = 12.7;

    private const LEAST_WIDTH_MM = 120;

    /** What a slide is screwed to: high, and at least. */
    private const RAIL_MM = 100;

    private const LEAST_RAIL_MM = 50;

    /** Slides come in steps of this, and want as much behind them as the last. */
    private const SLIDE_STEP_MM = 50;

    private const BEHIND_MM = 10;

    /** Between two shelves of a rack. */
    private const LEAST_ROOM_MM = 40;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        $gap = $is->length('gap');
        $castors = $is->choice('on') === 'castors';
        $least = Length::fromMillimetres(self::LEAST_WIDTH_MM);
        $up = $castors ? $is->length('castor') : Length::fromMillimetres(15);
        $low = $cell->least->minus($up);
        if ($cell->mouth->x->value()->isLessThan($least) || $low->isLessThan($least)) {
            $at->cannot('piece.pull_out_small', Length::least($cell->mouth->x->value(), $low), $least);

            return;
        }
        if ($castors && ($cell->by->floor !== null || $cell->mouth->z->from->isGreaterThan($cell->z->from))) {
            $cell->by->floor === null ? $at->cannot('piece.castors_over_rail', Length::zero(), $cell->mouth->z->from->minus($cell->z->from))
                : $at->cannot('piece.castors_drop', Length::zero(), $cell->z->from->minus($cell->floor));

            return;
        }
        $side = $castors ? $gap : Length::fromMillimetres(self::SLIDE_MM);
        $x = $cell->mouth->x->inside($side, Text::of($castors ? 'piece.gap_each' : 'piece.slide_each', gap: $side, each: $side));
        $frontY = $cell->mouth->y->minus($t);
        $y = Span::of($cell->y->from->plus($t), $frontY->minus($cell->y->from)->minus($t), Text::of('piece.behind_front'));
        $front = $at->maker()->banded(['left', 'right', 'top', 'bottom'])
            ->face(new Named("{$cell->bay->id}:pull_front", Role::Front, Text::of('part.pull_front', bay: $cell->label)),
                $cell->mouth->x->inside($gap, Text::of('piece.gap_each', gap: $gap)), $frontY,
                $cell->mouth->z->inside($gap, Text::of('piece.gap_each', gap: $gap)));
        $z = Length::greatest($cell->z->from->plus($up), $cell->mouth->z->from->plus($gap));
        $base = $at->maker()->out(new Named("{$cell->bay->id}:pull_base", Role::BoxPart, Text::of('part.pull_base', bay: $cell->label)), $x, $y, $z);
        $at->bench->join($base->id, $front->id, JointKind::Screws, Axis::Y);
        $high = Length::least($cell->z->from->plus($cell->least), $cell->mouth->z->to())
            ->minus($z)->minus($t)->minus(Length::fromMillimetres(10));
        $rack = new Extent($x, $y, Span::of($z->plus($t), $high, Text::of('piece.least_height')));
        $post = $this->rack($at, $rack, $base, $front);
        $castors ? $at->need('castor', 4, $up) : $this->onSlides($at, $rack, [$base, $front, $post]);
        $at->need('pull', 1);
    }

    /** @param  list<Panel>  $around  base, front and rear post */
    private function onSlides(Workplace $at, Extent $rack, array $around): void
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        $free = $rack->y->value()->minus(Length::fromMillimetres(self::BEHIND_MM));
        $at->need('heavy_slide_pair', 1, Length::fromMillimetres(max(1, intdiv($free->units, self::SLIDE_STEP_MM * Length::PER_MM)) * self::SLIDE_STEP_MM));
        $n = $this->lacks($at, $rack)->isPositive() ? 0 : $cell->bay->fill->is->count('shelves');
        $room = $rack->z->value()->minus($t->times($n))->splitInto($n + 1)[$n];
        $high = Length::least(Length::fromMillimetres(self::RAIL_MM), $room->minus(Length::fromMillimetres(self::BEHIND_MM)));
        if ($high->isLessThan(Length::fromMillimetres(self::LEAST_RAIL_MM))) {
            $at->cannot('piece.slide_rail_low', $high, Length::fromMillimetres(self::LEAST_RAIL_MM));

            return;
        }
        $y = $rack->y->afterFirst($t, Text::of('piece.rear_post'));
        $z = Span::of($rack->z->from, $high, Text::of('piece.slide_rail'));
        foreach (['left' => [$rack->x->from, $cell->by->left], 'right' => [$rack->x->to()->minus($t), $cell->by->right]] as $side => [$x, $upright]) {
            $named = new Named("{$cell->bay->id}:pull_rail_$side", Role::BoxPart, Text::of("part.pull_rail_$side", bay: $cell->label));
            $rail = $at->maker()->cheek($named, $x, $y, $z);
            foreach ([Axis::Z, Axis::Y, Axis::Y] as $i => $axis) {
                $at->bench->join($rail->id, $around[$i]->id, JointKind::Screws, $axis);
            }
            if (! $cell->mouth->framed) {
                $at->bench->clear($rail->id, $upright, Axis::X, Length::fromMillimetres(self::SLIDE_MM));
            }
        }
    }

    private function rack(Workplace $at, Extent $rack, Panel $base, Panel $front): Panel
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        $post = $at->maker()
            ->face(new Named("{$cell->bay->id}:pull_post", Role::BoxPart, Text::of('part.pull_post', bay: $cell->label)),
                $rack->x, $rack->y->from, $rack->z);
        $at->bench->join($post->id, $base->id, JointKind::Screws, Axis::Z);
        $n = $cell->bay->fill->is->count('shelves');
        if ($n === 0) {
            return $post;
        }
        $height = $rack->z->value();
        $between = $rack->y->afterFirst($t, Text::of('piece.rear_post'));
        $short = $this->lacks($at, $rack);
        if ($short->isPositive()) {
            $at->bench->find(Finding::ofPiece('piece.shelves_do_not_fit', Severity::Stop, $cell->bay->id,
                Text::of('piece.shelves_do_not_fit', bay: $cell->label, by: $short))->measuring($short, Length::zero()));

            return $post;
        }
        $rooms = $height->minus($t->times($n))->splitInto($n + 1);
        $z = $rack->z->from;
        foreach (range(1, $n) as $i) {
            $z = $z->plus($rooms[$i - 1]);
            $shelf = $at->maker()
                ->out(new Named("{$cell->bay->id}:pull_shelf_$i", Role::BoxPart, Text::of('part.pull_shelf', n: $i, bay: $cell->label)), $rack->x, $between,
                    $z);
            $at->bench->join($shelf->id, $post->id, JointKind::Screws, Axis::Y);
            $at->bench->join($shelf->id, $front->id, JointKind::Screws, Axis::Y);
            $z = $z->plus($t);
        }

        return $post;
    }

    /** What it is too low by for its shelves; less than nothing where they have room. */
    private function lacks(Workplace $at, Extent $rack): Length
    {
        $n = $at->cell->bay->fill->is->count('shelves');

        return Length::fromMillimetres(self::LEAST_ROOM_MM)->times($n + 1)->plus($at->cell->board->thickness->times($n))->minus($rack->z->value());
    }
}
