<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Assembly\Wall\Hold;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Document\Model\WallKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** The screws that hold a piece to the house, as many and as long as Assembly counts them, and a plug or an anchor to each that goes into no stud. */
final readonly class WallNeeds
{
    private const PACKS = [10.0, 25.0, 50.0, 100.0];

    public function __construct(private PlacedPiece $built)
    {
    }

    /**
     * @param  list<WallFixing>  $fixings  of the piece
     * @return list<Need>
     */
    public function of(array $fixings): array
    {
        $needs = [];
        foreach ($fixings as $fixing) {
            $need = $this->screws($fixing);
            $needs[$need->key] = isset($needs[$need->key]) ? $needs[$need->key]->and($need) : $need;
        }
        $plug = self::plug($this->built->room->space->build->kind);
        $plugs = array_sum(array_map(fn (WallFixing $f): int => $f->in() === Hold::Stud ? 0 : count($f->fasteners), $fixings));

        return $plugs === 0 || $plug === null ? array_values($needs)
            : [...array_values($needs), new Need(PurchaseGroup::WallFixings, $plug, Text::of($plug), Amount::each($plugs),
                [Text::of('buy.sum_plugs', n: $plugs, piece: $this->built->piece->name)], self::PACKS, 10)];
    }

    private function screws(WallFixing $fixing): Need
    {
        $lining = $this->built->room->space->build->lining ?? Length::zero();
        $says = Text::of($fixing->in() === Hold::Stud ? 'buy.sum_stud_screws' : 'buy.sum_wall_screws', n: count($fixing->fasteners),
            part: $fixing->board->name, lining: $lining, bite: $fixing->bite(), piece: $this->built->piece->name);

        return new Need(PurchaseGroup::WallFixings, "wall_screw {$fixing->screw()->units}", Text::of('buy.wall_screw', length: $fixing->screw()),
            Amount::each(count($fixing->fasteners)), [$says], self::PACKS, 10);
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
