<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Cut\Machining\Screws;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\WallKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\WallScrews;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/**
 * What holds the piece to the house: a screw at each stud that a nailer, a ledger or a rail lies before, or plugs or anchors
 * where there are none. A screw goes through the board, what stands between it and the wall, and the lining, and bites 32 mm
 * in wood, 40 mm in a plug (fieldbook §7).
 */
final readonly class WallNeeds
{
    private const BITE_MM = 32;

    private const PLUG_MM = 40;

    /** Between plugs along a board: our own figure, about a stud's spacing. */
    private const PITCH_MM = 400;

    private const PACKS = [10.0, 25.0, 50.0, 100.0];

    public function __construct(private Unit $sold)
    {
    }

    /** @return list<Need> */
    public function of(PlacedPiece $built): array
    {
        $screws = [];
        foreach (self::fixings($built) as [$board, $count]) {
            $length = $this->length($built, $board);
            $screws[$length->units] = ($screws[$length->units] ?? 0) + $count;
        }
        $needs = [];
        foreach ($screws as $units => $count) {
            $length = Length::ofUnits($units);
            $needs[] = new Need(PurchaseGroup::WallFixings, "wall_screw $units", Text::of('buy.wall_screw', length: $length), Amount::each($count),
                [Text::of(self::isFramed($built) ? 'buy.sum_stud_screws' : 'buy.sum_wall_screws', n: $count,
                    lining: self::lining($built), bite: self::bite($built), piece: $built->piece->name)], self::PACKS, 10);
        }
        $plugs = array_sum($screws);
        $plug = self::plug($built->room->space->build->kind);

        return $plugs === 0 || $plug === null ? $needs
            : [...$needs, new Need(PurchaseGroup::WallFixings, $plug, Text::of($plug), Amount::each($plugs),
                [Text::of('buy.sum_plugs', n: $plugs, piece: $built->piece->name)], self::PACKS, 10)];
    }

    /** @return list<array{Panel, int}> how many in each board */
    public static function fixings(PlacedPiece $built): array
    {
        if (self::isFramed($built)) {
            $counts = [];
            foreach ($built->wallScrews as $screw) {
                $counts[$screw->board->id] = [$screw->board, 1 + ($counts[$screw->board->id][1] ?? 0)];
            }

            return array_values($counts);
        }
        $boards = WallScrews::boards($built->fit);
        $between = fn (Panel $p): int => max(0, $p->length->value->units - 2 * WallScrews::END_MM * Length::PER_MM);

        return array_map(fn (Panel $p): array => [$p, max(2, 1 + (int) ceil($between($p) / (self::PITCH_MM * Length::PER_MM)))], $boards);
    }

    public function length(PlacedPiece $built, Panel $board): Length
    {
        $stack = $board->thickness()->plus(Length::greatest(Length::zero(), $board->block->corner->y))->plus(self::lining($built))->plus(self::bite($built));

        return (new Screws($this->sold))->atLeast($stack);
    }

    private static function lining(PlacedPiece $built): Length
    {
        return $built->room->space->build->lining ?? Length::zero();
    }

    private static function bite(PlacedPiece $built): Length
    {
        return Length::fromMillimetres(self::isFramed($built) ? self::BITE_MM : self::PLUG_MM);
    }

    public static function isFramed(PlacedPiece $built): bool
    {
        return in_array($built->room->space->build->kind, [WallKind::WoodStud, WallKind::PlasterOnLath], true) && $built->wallScrews !== [];
    }

    private static function plug(WallKind $wall): ?string
    {
        return match ($wall) {
            WallKind::Masonry => 'buy.wall_plug',
            WallKind::MetalStud => 'buy.metal_anchor',
            WallKind::Unknown => 'buy.unknown_anchor',
            default => null,
        };
    }
}
