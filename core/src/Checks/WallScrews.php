<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** Where a piece is screwed to the studs of the back wall: each nailer, ledger or rail that lies before it, at each stud behind it. */
final class WallScrews
{
    /** From a board's end to its nearest screw. */
    public const END_MM = 15;

    /** What lies so near the wall is fixed to it: a back and its packer may be between. */
    private const NEAR_MM = 30;

    /** @return list<WallScrew> */
    public static function of(Built $built): array
    {
        $screws = [];
        foreach (self::boards($built) as $board) {
            $z = $board->block->middle(Axis::Z);
            foreach ($built->fit->box->studs as $x) {
                if (self::isBehind($x, $board)) {
                    $screws[] = new WallScrew($board, $x, $z, self::bay($built, $x, $z));
                }
            }
        }

        return $screws;
    }

    /** @return list<Panel> */
    public static function boards(Built $built): array
    {
        $near = $built->fit->box->rear->plus(Length::fromMillimetres(self::NEAR_MM));

        return array_values(array_filter($built->boards(Role::Nailer, Role::Ledger, Role::TopRail),
            fn (Panel $p): bool => ! $p->turned && $p->inHouse($p->thin) === Axis::Y && $p->block->corner->y->isLessThan($near)));
    }

    public static function isBehind(Length $x, Panel $board): bool
    {
        $end = Length::fromMillimetres(self::END_MM);
        $from = $board->block->corner->x;

        return ! $x->isLessThan($from->plus($end)) && ! $x->isGreaterThan($from->plus($board->block->size->x)->minus($end));
    }

    private static function bay(Built $built, Length $x, Length $z): ?Cell
    {
        foreach ($built->design->cells as $id => $cell) {
            $isTurned = isset($built->design->turns[$id]) && ! $built->design->turns[$id]->isNone();
            if (! $isTurned && ! $x->isLessThan($cell->x->from) && ! $x->isGreaterThan($cell->x->to()) && ! $z->isLessThan($cell->z->from) && ! $z->isGreaterThan($cell->z->to())) {
                return $cell;
            }
        }

        return null;
    }
}
