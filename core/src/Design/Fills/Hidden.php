<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A compartment behind a false back, or under a false floor, opened by a push latch. */
final class Hidden implements FillMaker
{
    private const PLAY_MM = 1;

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
        $at->need('push_latch', 2);
    }
}
