<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly\Fastening;

use Incastro\Core\Assembly\Fastening\Corners;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Design\Role;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use PHPUnit\Framework\TestCase;

/** Screws that no hole is drilled for at the bench, reckoned by hand. */
final class DrivenTest extends TestCase
{
    /** Carcass 1000 × 2200 of 18: into each side of 2198 one in 150, 50 from the ends: 1 + 13.99 → 15; into top and bottom, 964: 1 + 5.8 → 7. */
    public function test_a_back_is_screwed_to_each_board_it_lies_on(): void
    {
        $counts = $this->into(new Planning(Niche::document(['back' => 'applied'])), FastenerKind::BackScrew);
        self::assertSame(['bottom' => 7, 'side' => 30, 'top' => 7], $counts);
        $pinned = $this->into(new Planning(Niche::document(['back' => 'applied', 'shelves' => 'pins'], [[400]])), FastenerKind::BackScrew);
        self::assertSame($counts, $pinned, 'a shelf on pins can be taken out');
        $fixed = $this->into(new Planning(Niche::document(['back' => 'applied', 'shelves' => 'fixed'], [[400]])), FastenerKind::BackScrew);
        self::assertSame(7, $fixed['shelf'] ?? 0);
    }

    /** Upper box on a worktop on a box on a plinth: four screws down, from inside its bottom, near the corners; and what is under it likewise. */
    public function test_a_box_is_screwed_to_what_it_stands_on(): void
    {
        $planning = new Planning(Demo::document('chart-room-right-niche'));
        $down = array_filter($this->driven($planning), fn (Fastener $f): bool => $f->drive->into === Axis::Z && ! $f->drive->upward);
        $built = array_values($planning->pieces())[0];
        $on = [];
        foreach ($down as $screw) {
            $on[$built->panels[$screw->into ?? '']->role->value][] = $screw->length?->millimetres();
        }
        self::assertSame([40, 40, 40, 40], $on['plinth_rail'], '2.5 · 17.6 = 44');
        self::assertSame([30, 30, 30, 30], $on['slab'], '17.6 + 17.6 − 3 = 32.2');
        $plan = Planned::of(Demo::document('chart-room-right-niche'))->plan;
        $says = array_merge(...array_column(array_filter($plan['steps'], fn (array $s): bool => $s['kind'] === 'fix'), 'numbers'));
        $corners = array_values(array_filter($says, fn (array $n): bool => ($n['args']['at']['text']['key'] ?? '') === 'number.corners'));
        self::assertSame([4, 50], [$corners[0]['args']['n']['count'], $corners[0]['args']['at']['text']['args']['along']['mm']]);
    }

    /** 40 of cleat and 17.6 of desk, 3 to stay: a 50 reaches 54.6 when its head is sunk by 4.6. The rail is pocketed to top and uprights. */
    public function test_a_desk_is_screwed_up_through_its_cleats(): void
    {
        $planning = new Planning(Demo::document('bunk-room'));
        $built = array_values($planning->pieces())[0];
        $up = array_values(array_filter($this->driven($planning), fn (Fastener $f): bool => $built->panels[$f->from]->role === Role::Cleat));
        self::assertSame([50, 4.6], [$up[0]->length?->millimetres(), $up[0]->sunk->millimetres()]);
        $rail = $built->boards(Role::Ledger)[0];
        $pockets = array_filter($planning->assembly()->fastened($built->piece->id)->of(FastenerKind::PocketScrew),
            fn (Fastener $f): bool => $f->from === $rail->id);
        $ends = array_values(array_count_values(array_map(fn (Fastener $f): string => (string) $f->into, $pockets)));
        sort($ends);
        self::assertSame([2, 2, 6], $ends);
        $rakes = array_filter($this->driven($planning), fn (Fastener $f): bool => $built->panels[$f->from]->role === Role::RakingTop);
        self::assertSame([40], array_values(array_unique(array_map(fn (Fastener $f): int|float|null => $f->length?->millimetres(), $rakes))),
            'a rake is as thick as its sheet');
    }

    /** Three drawers: a front is held from inside its box, four screws each; 24 slats of two on three carriers or more. */
    public function test_fronts_and_slats(): void
    {
        $planning = new Planning(Demo::document('pantry-passage-wall'));
        $built = array_values($planning->pieces())[0];
        $fronts = array_count_values(array_map(fn (Fastener $f): string => (string) $f->into,
            array_filter($this->driven($planning), fn (Fastener $f): bool => $built->panels[$f->into ?? '']->role === Role::Front)));
        self::assertSame([4, 4, 4], array_values($fronts));
        $loft = new Planning(Demo::document('signal-cabin-loft'));
        $bed = array_values($loft->pieces())[0];
        $slats = count($bed->boards(Role::Slat));
        $down = array_filter($this->driven($loft), fn (Fastener $f): bool => $bed->panels[$f->from]->role === Role::Slat);
        self::assertGreaterThanOrEqual(3 * $slats, count($down), 'at both ends and over the middle rail');
        self::assertCount($slats, array_unique(array_map(fn (Fastener $f): string => $f->from, $down)));
    }

    /** 1000 × 400: rows 50 in from the long edges, 900 along, none over 300 apart: four each. */
    public function test_places_in_an_area(): void
    {
        $mm = Length::fromMillimetres(...);
        $area = new Block(new Place3($mm(0), $mm(0), $mm(700)), new Place3($mm(1000), $mm(400), $mm(0)));
        $places = array_map(fn (Place3 $p): array => [$p->x->millimetres(), $p->y->millimetres(), $p->z->millimetres()],
            Corners::rows(Axis::Z, $area, $mm(300)));
        self::assertSame([[50, 50, 700], [350, 50, 700], [650, 50, 700], [950, 50, 700], [50, 350, 700], [350, 350, 700], [650, 350, 700], [950, 350, 700]],
            $places);
        // Two rails 20 wide under a box 1000 × 400: in the middle of each would be 10; 8 from an edge is enough.
        $rail = fn (int $y): Block => new Block(new Place3($mm(0), $mm($y), $mm(100)), new Place3($mm(1000), $mm(20), $mm(0)));
        self::assertSame([[50, 12], [50, 388], [950, 12], [950, 388]], array_map(fn (Place3 $p): array => [$p->x->millimetres(), $p->y->millimetres()],
            Corners::of(Axis::Z, [$rail(0), $rail(380)])));
    }

    /** @return list<Fastener> */
    private function driven(Planning $planning): array
    {
        $piece = (string) array_key_first($planning->pieces());

        return array_values(array_filter($planning->assembly()->fastened($piece)->of(FastenerKind::Screw), fn (Fastener $f): bool => ! $f->isDrilled()));
    }

    /** @return array<string, int> how many, by the role of what they go into */
    private function into(Planning $planning, FastenerKind $kind): array
    {
        $built = array_values($planning->pieces())[0];
        $counts = array_count_values(array_map(fn (Fastener $f): string => $built->panels[$f->into ?? '']->role->value,
            $planning->assembly()->fastened($built->piece->id)->of($kind)));
        ksort($counts);

        return $counts;
    }
}
