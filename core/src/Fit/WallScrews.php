<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Design;
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
    public static function of(Fit $fit, Design $design): array
    {
        $screws = [];
        foreach (self::boards($fit) as $board) {
            $z = $board->block->middle(Axis::Z);
            foreach ($fit->box->studs as $x) {
                if (self::isBehind($x, $board)) {
                    $screws[] = new WallScrew($board, $x, $z, self::bay($design, $x, $z));
                }
            }
        }

        return $screws;
    }

    /** @return list<Panel> */
    public static function boards(Fit $fit): array
    {
        $near = $fit->box->rear->plus(Length::fromMillimetres(self::NEAR_MM));

        return array_values(array_filter($fit->panels,
            fn (Panel $p): bool => in_array($p->role, [Role::Nailer, Role::Ledger, Role::TopRail], true)
            && ! $p->turned && $p->inHouse($p->thin) === Axis::Y && $p->block->corner->y->isLessThan($near)));
    }

    public static function isBehind(Length $x, Panel $board): bool
    {
        $end = Length::fromMillimetres(self::END_MM);
        $from = $board->block->corner->x;

        return ! $x->isLessThan($from->plus($end)) && ! $x->isGreaterThan($from->plus($board->block->size->x)->minus($end));
    }

    private static function bay(Design $design, Length $x, Length $z): ?Cell
    {
        foreach ($design->cells as $id => $cell) {
            $isTurned = isset($design->turns[$id]) && ! $design->turns[$id]->isNone();
            if (! $isTurned && ! $x->isLessThan($cell->x->from) && ! $x->isGreaterThan($cell->x->to())
                && ! $z->isLessThan($cell->z->from) && ! $z->isGreaterThan($cell->z->to())) {
                return $cell;
            }
        }

        return null;
    }
}
