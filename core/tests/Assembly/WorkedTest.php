<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Loads\Stretch;
use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Whole cases reckoned by hand, from the load to the house. What a hung box takes (A3) is in WallTest. */
final class WorkedTest extends TestCase
{
    /** A1: 18 × 70 on edge over 1 950 under half a bed, 0.9 N/mm: sags 32.9, bent with 29.1; a leg, and 2 kN between: 33.2; 120 high: 11.3. */
    public function test_the_middle_rail_of_a_bed(): void
    {
        $even = new Bending(1950, 18, 70, 10_000, 0.9);
        self::assertEqualsWithDelta([514_500, 32.9, 29.1], [$even->inertia(), $even->sag(), $even->stress()], 0.05);
        self::assertEqualsWithDelta([2.06, 7.3], [$even->cut(2)->sag(), $even->cut(2)->stress()], 0.05);
        self::assertEqualsWithDelta(33.2, (new Bending(975, 18, 70, 10_000, 0.0, false, 0.0, 2_000))->stress(), 0.05);
        $deep = new Bending(975, 18, 120, 10_000, 0.0, false, 0.0, 2_000);
        self::assertEqualsWithDelta([11.3, 1.5], [$deep->stress(), $deep->sag()], 0.05);
    }

    /** A2: base, A stood and fixed, worktop scribed and laid, B stood and screwed down with four, then what closes its gaps. */
    public function test_an_upper_box_on_a_worktop(): void
    {
        $steps = Planned::of(Demo::document('chart-room-right-niche'))->plan['steps'];
        $at = function (string $kind, int $nth = 0) use ($steps): int {
            return array_keys(array_filter(array_column($steps, 'kind'), fn (string $k): bool => $k === $kind))[$nth];
        };
        $order = [$at('set_base'), $at('stand'), $at('fix'), $at('top'), $at('stand', 1), $at('fix', 1), $at('filler', 3)];
        $sorted = $order;
        sort($sorted);
        self::assertSame($sorted, $order);
        self::assertContains(4, array_map(fn (array $n): int => $n['args']['n']['count'] ?? 0,
            array_filter($steps[$at('fix', 1)]['numbers'], fn (array $n): bool => $n['key'] === 'number.driven')));
    }

    /** Books from a shelf to the floor: what stands on the floor is boards and all that is kept, each once. */
    public function test_a_shelf_from_its_load_to_the_floor(): void
    {
        $document = Niche::document(['shelves' => 'pins'], [[400, 400]]);
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['fill']['load'] = 'books';
        $built = self::built($document);
        // 37 kg on a metre of 300: on 964 × 350 that is 41.6, on two shelves and the bottom 124.8.
        self::assertEqualsWithDelta(3 * 37 * 0.964 * 350 / 300, Stowed::whole($built), 0.01);
        $boards = array_sum(array_map(fn (Panel $p): float => $p->solid->litres() * 680e-3, $built->fit->panels));
        self::assertEqualsWithDelta($boards + Stowed::whole($built), Stowed::filled($built), 0.05);
    }

    /** Three bays in a row hang on their nailers by the room those have: all of the box together, each its share. */
    public function test_a_hung_box_over_three_nailers(): void
    {
        $planning = new Planning(Demo::document('pantry-passage-upper'));
        $built = array_values($planning->pieces())[0];
        $fixings = $planning->assembly()->wall($built->piece->id);
        self::assertCount(3, $fixings);
        $kg = array_sum(array_map(fn (WallFixing $f): float => $f->load->kg ?? 0.0, $fixings));
        self::assertEqualsWithDelta($built->weight->of(...$built->fit->panels) + Stowed::whole($built), $kg, 0.1);
        foreach ($fixings as $fixing) {
            // At each screw the shares of both add up to 1 at most.
            $n = count($fixing->fasteners);
            self::assertLessThanOrEqual(1.0, ($fixing->load->down ?? INF) / $n / ($fixing->each->down ?? 1.0)
                + ($fixing->load->out ?? INF) / $n / ($fixing->each->out ?? 1.0));
        }
    }

    /** The strip the lids hang on is there before the back that stands on it, and that before the lids are hung. */
    public function test_a_bench_with_a_sloping_back(): void
    {
        $steps = Planned::of(Demo::document('lamp-room-bench'))->plan['steps'];
        $at = fn (string $part): int => (int) array_key_first(array_filter($steps,
            fn (array $s): bool => in_array($s['kind'], ['top', 'site_frame', 'lids'], true)
                && array_filter($s['parts'], fn (string $p): bool => str_contains($p, $part)) !== []));
        self::assertLessThan($at('seat_back'), $at('hinge_strip'));
        self::assertLessThan($at(':lid_'), $at('seat_back'));
    }

    /** Packers on the divider and the side below leave the middle rail at most 814 free: 2 kN · 814/4 on 17.6 · 123²/6 is 9.2 of 12. */
    public function test_a_loft_with_legs(): void
    {
        $planning = new Planning(Demo::document('signal-cabin-loft'));
        $built = array_values($planning->pieces())[0];
        $rail = array_values(array_filter($built->boards(Role::BedRail), fn (Panel $p): bool => str_ends_with($p->id, ':centre_rail')))[0];
        $legs = array_values(array_filter($built->boards(Role::BedRail), fn (Panel $p): bool => str_contains($p->id, ':bed_leg_')));
        self::assertCount(2, $legs);
        $free = $rail->block->to(Axis::X)->minus($legs[1]->block->to(Axis::X))->millimetres();
        self::assertEqualsWithDelta(814, $free, 1);
        $stress = 2_000 * $free / 4 / (17.6 * 123 ** 2 / 6);
        self::assertEqualsWithDelta(9.2, $stress, 0.05);
        self::assertNotContains('strength.centre_rail_breaks', Planned::of(Demo::document('signal-cabin-loft'))->codes());
    }

    /** Its castors stand under the lowest shelf, its sheet is screwed to both ends and every shelf, and nothing is under it but the floor. */
    public function test_a_rack_on_castors(): void
    {
        $planning = new Planning(Demo::document('wash-house-gap'));
        $built = array_values($planning->pieces())[0];
        $castors = array_values(array_filter($planning->assembly()->fittings($built->piece->id), fn ($f): bool => $f->screws === 4));
        self::assertStringEndsWith(':caddy_shelf_1', $castors[0]->on);
        self::assertCount(4, $castors[0]->at);
        $sheet = array_values(array_filter($built->boards(Role::BoxPart), fn (Panel $p): bool => str_ends_with($p->id, ':caddy_side')))[0];
        $into = array_unique(array_map(fn (Fastener $f): string => (string) $f->into,
            array_filter($planning->assembly()->fastened($built->piece->id)->of(FastenerKind::BackScrew), fn (Fastener $f): bool => $f->from === $sheet->id)));
        $shelves = array_filter($built->boards(Role::BoxPart), fn (Panel $p): bool => str_contains($p->id, ':caddy_shelf_'));
        self::assertCount(2 + count($shelves), $into);
    }

    /** The ladder's opening lies between its sides: 300 to 380; the guard begins where it ends, and the further side goes up as far as the guard. */
    public function test_a_guard_with_its_ladder(): void
    {
        $built = self::built(Demo::document('signal-cabin-loft'));
        $part = fn (string $end): Panel => array_values(array_filter($built->fit->panels, fn (Panel $p): bool => str_ends_with($p->id, $end)))[0];
        [$left, $right, $guard] = [$part(':ladder_left')->block, $part(':ladder_right')->block, $part(':guard_1')->block];
        $open = $right->from(Axis::X)->minus($left->to(Axis::X))->millimetres();
        self::assertTrue($open >= 300 && $open <= 380, "$open");
        self::assertFalse($guard->from(Axis::X)->isLessThan($right->from(Axis::X)));
        self::assertEquals($guard->to(Axis::Z), $right->to(Axis::Z));
    }

    /** Two layers over three boxes: rows of screws none over 300 apart join them, and between dividers the lower one spans the widest bay. */
    public function test_a_worktop_of_two_layers(): void
    {
        $planning = new Planning(Demo::document('pantry-passage-wall'));
        $built = array_values($planning->pieces())[0];
        $slabs = $built->boards(Role::Slab);
        $joins = array_values(array_filter($planning->assembly()->fastened($built->piece->id)->of(FastenerKind::Screw),
            fn (Fastener $f): bool => $f->joins($slabs[0]->id, $slabs[1]->id)));
        $x = array_values(array_unique(array_map(fn (Fastener $f): float => round($f->drive->at->x->millimetres(), 1), $joins)));
        sort($x);
        self::assertLessThanOrEqual(300.1, max(array_map(fn (float $a, float $b): float => $b - $a, array_slice($x, 0, -1), array_slice($x, 1))));
        self::assertTrue($joins[0]->drive->upward, 'from below');
        $between = array_filter($planning->assembly()->carriers($built->piece->id)->stretches($slabs[0], Axis::X) ?? [],
            fn (Stretch $s): bool => ! $s->overhangs);
        self::assertLessThan(1_000, max(array_map(fn (Stretch $s): float => $s->length(), $between)));
    }

    /** Pins hold a shelf, and are no screws: they count in neither. */
    public function test_pins_are_not_counted_as_screws(): void
    {
        $planning = new Planning(Niche::document(['shelves' => 'pins'], [[400]]));
        $fastened = $planning->assembly()->fastened(Sample::PIECE);
        self::assertCount(4, $fastened->of(FastenerKind::Pin));
        self::assertSame([], array_diff(array_keys($fastened->counts()), ['screw', 'pocket_screw', 'back_screw', 'dowel']));
        self::assertSame(array_sum($fastened->counts()), Planned::of(Niche::document(['shelves' => 'pins'], [[400]]))->piece()['totals']['fixings']);
    }

    /** @param  array<string, mixed>  $document */
    private static function built(array $document): PlacedPiece
    {
        return array_values((new Planning($document))->pieces())[0];
    }
}
