<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** How far a level board runs between what carries it. */
final class Spans
{
    /** What carries it reaches so far under it at least. */
    private const BEARING_MM = 30;

    /** Its longest clear stretch along the wall; null where nothing is known to carry it. */
    public static function along(Panel $board, PlacedPiece $built): ?Length
    {
        $under = [];
        foreach ($built->fit->panels as $panel) {
            if ($panel !== $board && ! $panel->bought && ! $panel->role->moves() && self::carries($panel, $board)) {
                $from = Length::greatest($panel->block->corner->x, $board->block->corner->x);
                $under[] = [$from->units, Length::least($panel->block->to(Axis::X), $board->block->to(Axis::X))->units];
            }
        }
        if (count($under) < 2) {
            return $under === [] ? null : Length::zero();
        }
        sort($under);
        [$to, $longest] = [$under[0][1], 0];
        foreach ($under as [$from, $end]) {
            $longest = max($longest, $from - $to);
            $to = max($to, $end);
        }

        return Length::ofUnits($longest);
    }

    /** Boards that lie one on the other, as one: how thick they are together. */
    public static function thickness(Panel $board, PlacedPiece $built): Length
    {
        $top = $board->block->to(Axis::Z);
        foreach ($built->boards($board->role) as $next) {
            if ($next->block->corner->z->equals($top) && $next->block->corner->x->equals($board->block->corner->x)
                && $next->block->size->x->equals($board->block->size->x)) {
                return $board->block->size->z->plus(self::thickness($next, $built));
            }
        }

        return $board->block->size->z;
    }

    private static function carries(Panel $panel, Panel $board): bool
    {
        $bearing = Length::fromMillimetres(self::BEARING_MM);
        $shared = fn (Axis $axis): Length => Length::least($panel->block->to($axis), $board->block->to($axis))
            ->minus(Length::greatest($panel->block->from($axis), $board->block->from($axis)));

        return $panel->block->to(Axis::Z)->equals($board->block->corner->z) && $shared(Axis::X)->isPositive() && ! $shared(Axis::Y)->isLessThan($bearing);
    }
}
