<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\BoughtSize;
use Incastro\Core\Design\Extent;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A reused cabinet or a ready-made bookcase, and what is made around it: fillers, a strip over it, packers behind, joiners (fieldbook §6). */
final class BoughtBox implements FillMaker
{
    /** Under this a filler holds no fixing. */
    private const FILLER_MM = 12;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $size = BoughtSize::of($cell->bay->fill) ?? throw new \LogicException('Not a bought box.');
        if (! $size->measured) {
            $at->bench->find(Finding::ofPiece('piece.box_unmeasured', Severity::Look, $cell->bay->id, Text::of('piece.box_unmeasured', bay: $cell->label)));
        }
        $play = BoughtSize::play();
        $needs = ['wide' => [$cell->mouth->x->value(), $size->width->plus($play)],
            'high' => [Length::least($cell->least, $cell->mouth->z->value()), $size->height->plus($play)->plus($cell->bay->fill->is->length('base'))],
            'deep' => [$cell->y->value(), $size->depth]];
        foreach ($needs as $axis => [$has, $need]) {
            if ($has->isLessThan($need)) {
                $at->cannot("piece.box_$axis", $has, $need);

                return;
            }
        }
        $spare = $cell->x->value()->minus($size->width)->splitInto(2);
        $x = Span::of($cell->x->from->plus($spare[0]), $size->width, Text::of('piece.box_width'));
        $back = $cell->bay->fill->is->length('back_set_in');
        $y = Span::of($cell->y->from, $size->depth, Text::of('piece.box_depth'));
        $base = $cell->bay->fill->is->length('base');
        $z = Span::of($cell->z->from->plus($base), $size->height, Text::of('piece.box_height'));
        $this->base($at, $x, $y, $base);
        $box = new Extent($x, $y, $z);
        $this->boxes($at, $box);
        $this->around($at, $box, $spare);
        if ($back->isPositive()) {
            $at->bench->need($cell->bay->id, Text::of('hardware.packer', thick: $back), 2);
        }
        $at->need('box_joiner', 4 * ($cell->bay->fill->is->count('count') - 1));
    }

    private function boxes(Workplace $at, Extent $whole): void
    {
        $cell = $at->cell;
        $n = $cell->bay->fill->is->count('count');
        $from = $whole->x->from;
        foreach ($whole->x->value()->splitInto($n) as $i => $width) {
            $at->maker()->boughtAs(BoughtAs::Box)
                ->bought(new Named("{$cell->bay->id}:box_".($i + 1), Role::Board, Text::of('part.bought_box', n: $i + 1, bay: $cell->label)),
                    [Span::of($from, $width, Text::of('piece.box_width')), $whole->y, $whole->z], Axis::Z, Axis::Y);
            $from = $from->plus($width);
        }
    }

    /** Two boards on edge that lift the box off the floor. */
    private function base(Workplace $at, Span $x, Span $y, Length $height): void
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        if ($height->isLessThan(Length::fromMillimetres(self::FILLER_MM)) || $y->value()->isLessThan($t->times(2))) {
            return;
        }
        $z = Span::of($cell->z->from, $height, Text::of('piece.box_base'));
        foreach (['front' => $y->to()->minus($t), 'rear' => $y->from] as $where => $from) {
            $at->maker()
                ->strip(new Named("{$cell->bay->id}:box_base_$where", Role::PlinthRail, Text::of("part.box_base_$where", bay: $cell->label)), $x, $from, $z);
        }
    }

    /** @param  list<Length>  $spare  left and right */
    private function around(Workplace $at, Extent $box, array $spare): void
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        [$y, $z] = [$box->y, $box->z];
        $front = $y->to()->minus($t);
        $least = Length::fromMillimetres(self::FILLER_MM);
        $why = Text::of('piece.beside_box');
        if (! $spare[0]->isLessThan($least)) {
            $at->maker()->face(new Named("{$cell->bay->id}:box_filler_left", Role::Board,
                Text::of('part.box_filler_left', bay: $cell->label)), Span::of($cell->x->from, $spare[0], $why), $front, $z);
            $at->maker()->face(new Named("{$cell->bay->id}:box_filler_right", Role::Board,
                Text::of('part.box_filler_right', bay: $cell->label)), Span::of($box->x->to(), $spare[1], $why), $front, $z);
        }
        $over = $cell->z->to()->minus($z->to());
        if (! $over->isLessThan($least)) {
            // Behind the strip a rail for whatever lies over the box to rest on.
            $at->maker()->strip(new Named("{$cell->bay->id}:box_support", Role::TopRail, Text::of('part.box_support', bay: $cell->label)),
                $cell->x, $y->from, Span::of($z->to(), $over, Text::of('piece.over_box')));
            $at->maker()->strip(new Named("{$cell->bay->id}:box_filler_top", Role::Board, Text::of('part.box_filler_top', bay: $cell->label)),
                $cell->x, $front, Span::of($z->to(), $over, Text::of('piece.over_box')));
        }
    }
}
