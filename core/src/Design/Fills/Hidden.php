<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A compartment behind a false back, or under a false floor, opened by a push latch. */
final class Hidden implements FillMaker
{
    private const PLAY_MM = 1;

    private const CLEAT_MM = 30;

    /** What must be left of the bay to use it openly. */
    private const LEFT_MM = 100;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $behind = $is->choice('where') === 'behind';
        $depth = $is->length('depth');
        $has = ($behind ? $cell->y->value() : $cell->least)->minus(Length::fromMillimetres(self::LEFT_MM));
        if (! $depth->isLessThan($has)) {
            $at->cannot('piece.hidden_too_deep', $has, $depth);

            return;
        }
        $play = Length::fromMillimetres(self::PLAY_MM);
        $why = Text::of('piece.gap_each', gap: $play);
        $x = $cell->x->inside($play, $why);
        if ($behind) {
            $panel = $at->thin()
                ->face(new Named("{$cell->bay->id}:false_back", Role::Board, Text::of('part.false_back', bay: $cell->label)),
                    $x, $cell->y->from->plus($depth), $cell->z->inside($play, $why));
        } else {
            $panel = $at->maker()
                ->level(new Named("{$cell->bay->id}:false_floor", Role::Board, Text::of('part.false_floor', bay: $cell->label)),
                    $x, $cell->y->inside($play, $why), $cell->z->from->plus($depth));
        }
        foreach ([$cell->by->left, $cell->by->right] as $upright) {
            $at->bench->clear($panel->id, $upright, Axis::X, $play);
        }
        $this->cleats($at, $panel, $behind);
        $at->need('push_latch', 2);
    }

    /** What it lies on, or is pressed against, at both ends. */
    private function cleats(Workplace $at, Panel $panel, bool $behind): void
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        $deep = Length::least(Length::fromMillimetres(self::CLEAT_MM), $cell->bay->fill->is->length('depth'));
        $why = Text::of('piece.cleat_height');
        $ends = ['left' => [$cell->by->left, $cell->x->from], 'right' => [$cell->by->right, $cell->x->to()->minus($t)]];
        foreach ($ends as $side => [$upright, $x]) {
            $named = new Named("{$cell->bay->id}:hidden_cleat_$side", Role::Cleat, Text::of("part.hidden_cleat_$side", bay: $cell->label));
            $cleat = $behind ? $at->maker()->upright($named, $x, Span::of($panel->block->from(Axis::Y)->minus($deep), $deep, $why), $cell->z)
                : $at->maker()->cheek($named, $x, $cell->y, Span::of($panel->block->from(Axis::Z)->minus($deep), $deep, $why));
            $at->bench->join($cleat->id, $upright, JointKind::Screws, Axis::X);
            $at->bench->join($panel->id, $cleat->id, JointKind::Rests, $behind ? Axis::Y : Axis::Z);
        }
    }
}
