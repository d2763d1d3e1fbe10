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

/**
 * A leaf that folds down before a ledger, on one leg. Leg = underside height less its hinge's offset; the leaf must reach less than it
 * stands high (fieldbook §12).
 */
final class FoldTable implements FillMaker
{
    private const LEDGER_MM = 70;

    private const HINGE_MM = 12;

    private const SIDE_MM = 5;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        [$top, $reach] = [$cell->floor->plus($is->length('at')), $is->length('reach')];
        if ($top->minus($t)->minus($reach)->isLessThan($cell->z->from) || $top->isGreaterThan($cell->z->from->plus($cell->least))) {
            $at->cannot('piece.leaf_too_long', $top->minus($t)->minus($cell->z->from), $reach);

            return;
        }
        $maker = $at->maker();
        $x = $cell->x->inside(Length::fromMillimetres(self::SIDE_MM), Text::of('piece.gap_each', gap: Length::fromMillimetres(self::SIDE_MM)));
        $ledger = $maker->strip(new Named("{$cell->bay->id}:ledger", Role::Ledger, Text::of('part.fold_ledger', bay: $cell->label)), $x, $cell->y->from,
            Span::of($top->minus(Length::fromMillimetres(self::LEDGER_MM)), Length::fromMillimetres(self::LEDGER_MM), Text::of('piece.ledger_height')));
        // Hanging down, as it is most of the time: the leaf lies before its ledger and the leg behind the leaf.
        $leaf = $maker->banded(['left', 'right', 'bottom'])->strip(new Named("{$cell->bay->id}:leaf", Role::Lid, Text::of('part.leaf', bay: $cell->label)), $x,
            $cell->y->from->plus($t->times(2)), Span::of($top->minus($reach), $reach, Text::of('piece.leaf_reach')));
        $leg = $is->length('at')->minus($t)->minus(Length::fromMillimetres(self::HINGE_MM));
        $width = Length::least(Length::fromMillimetres(80), $x->value()->splitInto(3)[0]);
        $at->bench->need($cell->bay->id, Text::of('hardware.leg', length: $leg, width: $width), 1);
        $at->need('piano_hinge', 1, $x->value());
        $at->need('leg_hinge', 1);
        $at->need('catch', 1);
        $at->bench->clear($leaf->id, $ledger->id, Axis::Y, $t);
    }
}
