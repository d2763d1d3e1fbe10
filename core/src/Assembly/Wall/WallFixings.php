<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Assembly\Footing;
use Incastro\Core\Assembly\Screws;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\WallBuild;
use Incastro\Core\Document\Model\WallKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\WallBoards;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * Every screw of a piece into the wall behind it, counted once: as many as the board asks, or as what hangs on it asks, whichever is more.
 * A screw is as long as the board, all that lies between it and what holds, and its bite.
 */
final class WallFixings
{
    /** Into wood, and into a plug. */
    public const BITE_MM = 38;

    public const PLUG_MM = 40;

    /** @return list<WallFixing> */
    public static function of(PlacedPiece $built, Footing $footing): array
    {
        $boards = WallBoards::of($built->fit);
        $rooms = [];
        foreach ($boards as $board) {
            $studs = self::studs($board, $built);
            $rooms[$board->id] = $studs === [] && self::isFramed($built->room->space->build->kind) && $built->box->studs !== [] ? 0
                : (new WallSpots($board, $studs))->room();
        }
        $loads = (new WallLoads($built, $footing, $rooms))->all();
        $loads = array_filter($loads, fn (WallLoad $l): bool => $l->kg > 0.0);

        return array_values(array_filter(array_map(fn (Panel $board): ?WallFixing => self::fixing($board, $built, $loads[$board->id] ?? null), $boards)));
    }

    /** @return list<Length> behind the board, in a framed wall */
    private static function studs(Panel $board, PlacedPiece $built): array
    {
        return ! self::isFramed($built->room->space->build->kind) ? []
            : array_values(array_filter($built->box->studs, fn (Length $x): bool => WallBoards::isBehind($x, $board)));
    }

    /** Null where it carries nothing, and the studs that are known all pass it by. */
    private static function fixing(Panel $board, PlacedPiece $built, ?WallLoad $load): ?WallFixing
    {
        $build = $built->room->space->build;
        $studs = self::studs($board, $built);
        if ($load === null && $studs === [] && $built->box->studs !== [] && self::isFramed($build->kind)) {
            return null;
        }
        $in = self::hold($build, $studs);
        $spots = new WallSpots($board, $studs);
        $behind = Length::greatest(Length::zero(), $board->block->from(Axis::Y));
        $each = match ($in) {
            Hold::Stud => Capacity::inStud($build->lining?->plus($behind), $built->madeOf($board)),
            Hold::Plug => Capacity::inBrick(),
            Hold::Anchor => Capacity::ofAnchor($build),
            Hold::Unknown => Capacity::unknown(),
        };
        $wanted = $load?->wants($each, $board->block->extent(Axis::X)->units / Length::PER_MM, count($studs)) ?? 0;
        $bite = Length::fromMillimetres($in === Hold::Stud ? self::BITE_MM : self::PLUG_MM);
        $screw = (new Screws($built->project->unit))->atLeast($board->thickness()->plus($behind)->plus($build->lining ?? Length::zero())->plus($bite));
        $fasteners = [];
        foreach ($spots->of($wanted) as $i => [$x, $z]) {
            $fasteners[] = new WallFastener("$board->id:wall_".($i + 1), $board, $in, $x, $z, $screw);
        }

        return new WallFixing($board, $fasteners ?: throw new \LogicException('A board without a screw.'), $each, $load, $wanted, $spots->room());
    }

    private static function isFramed(WallKind $kind): bool
    {
        return $kind === WallKind::WoodStud || $kind === WallKind::PlasterOnLath;
    }

    /** @param  list<Length>  $studs */
    private static function hold(WallBuild $build, array $studs): Hold
    {
        return match (true) {
            $studs !== [] => Hold::Stud,
            $build->kind === WallKind::Masonry => Hold::Plug,
            $build->anchorKg !== null => Hold::Anchor,
            default => Hold::Unknown,
        };
    }
}
