<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** The boards of a piece that are screwed to the back wall: each nailer, ledger or rail that lies before it. */
final class WallBoards
{
    /** From a board's end to its nearest screw. */
    public const END_MM = 15;

    /** What lies so near the wall is fixed to it: a back and its packer may be between. */
    private const NEAR_MM = 30;

    /** @return list<Panel> */
    public static function of(Fit $fit): array
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
}
