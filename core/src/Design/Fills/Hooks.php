<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Rows of hooks on rails across the bay, staggered so that what hangs above does not lie on what hangs below. */
final class Hooks implements FillMaker
{
    private const RAIL_MM = 90;

    private const END_MM = 50;

    private const REACH_MM = 1900;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $rail = Length::fromMillimetres(self::RAIL_MM);
        for ($row = 0; $row < $is->count('rows'); $row++) {
            $z = $cell->floor->plus($is->length('top_at'))->minus($is->length('between')->times($row));
            if ($z->minus($rail)->isLessThan($cell->z->from) || $z->isGreaterThan($cell->z->from->plus($cell->least))) {
                $at->cannot('piece.hooks_outside', $z, $z->isGreaterThan($cell->z->to()) ? $cell->z->to() : $cell->z->from->plus($rail));

                continue;
            }
            $at->maker()->strip(new Named("{$cell->bay->id}:hook_rail_".($row + 1), Role::Ledger,
                Text::of('part.hook_rail', n: $row + 1, bay: $cell->label)), $cell->x, $cell->y->from,
                Span::of($z->minus($rail), $rail, Text::of('piece.hook_rail')));
            $at->need('hook', $this->count($cell, $row % 2 === 1));
        }
        if ($is->length('top_at')->isGreaterThan(Length::fromMillimetres(self::REACH_MM))) {
            $at->bench->find($at->against('piece.hooks_high', $is->length('top_at'), Length::fromMillimetres(self::REACH_MM))->sourced('source.reach'));
        }
    }

    /** As many as the pitch allows 50 from the ends; a staggered row has one less. */
    private function count(Cell $cell, bool $staggered): int
    {
        $free = $cell->x->value()->minus(Length::fromMillimetres(2 * self::END_MM));

        return $free->isNegative() ? 1 : max(1, intdiv($free->units, $cell->bay->fill->is->length('pitch')->units) + ($staggered ? 0 : 1));
    }
}
