<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Rails to hang clothes from, one or one above the other. */
final class Hanging implements FillMaker
{
    private const ROD_MM = 25;

    /** A hanger with a coat on it, from back to front. */
    private const HANGER_MM = 550;

    private const REACH_MM = 2050;

    /** A rail this long sags without a bracket in the middle. */
    private const SPAN_MM = 1200;

    private const SHIRT_MM = 950;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $mm = Length::fromMillimetres(...);
        $heights = [$cell->z->from->plus($cell->least)->minus($is->length('drop'))];
        if ($is->count('rails') === 2) {
            $heights[] = $cell->floor->plus($is->length('lower_at'));
        }
        foreach ($heights as $i => $z) {
            $below = $i === 0 && isset($heights[1]) ? $heights[1] : $cell->z->from;
            if ($z->minus(Length::greatest($below, $cell->z->from))->isLessThan($mm(self::ROD_MM))
                || $z->plus($mm(self::ROD_MM))->isGreaterThan($cell->z->from->plus($cell->least))) {
                $at->cannot('piece.rail_low', $z, $below);

                continue;
            }
            if ($z->minus($below)->isLessThan($mm(self::SHIRT_MM))) {
                $at->bench->find($at->against('piece.hang_short', $z->minus($below), $mm(self::SHIRT_MM))->sourced('source.reach'));
            }
            if ($z->minus($cell->floor)->isGreaterThan($mm(self::REACH_MM))) {
                $at->bench->find($at->against('piece.rail_high', $z->minus($cell->floor), $mm(self::REACH_MM))->sourced('source.reach'));
            }
            $this->rail($at, $i, $z);
        }
        if ($cell->y->value()->isLessThan($mm(self::HANGER_MM))) {
            $at->bench->find($at->against('piece.hanger_depth', $cell->y->value(), $mm(self::HANGER_MM))->sourced('source.reach'));
        }
    }

    private function rail(Workplace $at, int $i, Length $z): void
    {
        $cell = $at->cell;
        $rod = Length::fromMillimetres(self::ROD_MM);
        $why = Text::of('piece.rod');
        $y = $cell->y->from->plus($cell->y->value()->minus($rod)->half());
        $play = Length::fromMillimetres(2);
        $x = $cell->x->inside($play, Text::of('piece.rod_play'));
        $tube = $at->maker()->boughtAs(BoughtAs::Tube)
            ->bought(new Named("{$cell->bay->id}:rail_".($i + 1), Role::Board, Text::of('part.hanging_rail', n: $i + 1, bay: $cell->label)),
                [$x, Span::of($y, $rod, $why), Span::of($z, $rod, $why)], Axis::X, Axis::Y);
        // It lies in a socket on each side.
        foreach (array_filter([$cell->by->left, $cell->by->right]) as $upright) {
            $at->bench->lay(new Joint($tube->id, $upright, JointKind::Rests, Axis::X, $play, Length::zero()));
        }
        $at->need('rail_socket', 2);
        $at->need('rail_bracket', $cell->x->value()->isGreaterThan(Length::fromMillimetres(self::SPAN_MM)) ? 1 : 0);
    }
}
