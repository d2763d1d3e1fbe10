<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly\Loads;

use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Fastening\Shear;
use Incastro\Core\Assembly\Loads\EndLoads;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Checks\Rules\StrengthTest;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What the end of a board hangs on, where it hangs on screws alone: how many that takes, that they are set, and what is said where there is no room. */
final class EndLoadsTest extends TestCase
{
    /** 15 kg of linen a metre of 300 deep (what a bay is for where nobody says), and the shelf itself, half at each end. */
    public function test_a_fixed_shelf_by_hand(): void
    {
        $planning = new Planning(Demo::document('signal-cabin-book-niche'));
        $built = array_values($planning->pieces())[0];
        $loads = EndLoads::of($built);
        $shelves = array_values(array_filter($built->boards(Role::Shelf), fn (Panel $p): bool => isset($loads["$p->id ".self::holders($built, $p)[0]])));
        self::assertCount(4, $shelves);
        foreach ($shelves as $shelf) {
            [$long, $deep] = [$shelf->block->extent(Axis::X)->millimetres(), $shelf->block->extent(Axis::Y)->millimetres()];
            $kg = 15 * $long / 1000 * $deep / 300 + $long * $deep * 17.6 * 680e-9;
            foreach (self::holders($built, $shelf) as $side) {
                self::assertEqualsWithDelta($kg * 9.81 / 2, $loads["$shelf->id $side"], 0.5);
            }
        }
    }

    /** 32 of bite bears 320 · 32/38; what comes out or is too short bears a tenth at least, so that there is always a count. */
    public function test_what_one_bears(): void
    {
        $planning = new Planning(Niche::document(['joint' => 'screws', 'shelves' => 'fixed'], [[400]]));
        $built = array_values($planning->pieces())[0];
        $fasteners = $planning->assembly()->fastened($built->piece->id)->of(FastenerKind::Screw);
        $shelf = $built->boards(Role::Shelf)[0];
        $own = array_values(array_filter($fasteners, fn (Fastener $f): bool => $f->into === $shelf->id));
        self::assertNotSame([], $own);
        $side = $built->panels[$own[0]->from];
        // 45 through 18 leaves 27.
        self::assertEqualsWithDelta(320 * 27 / 38, Shear::of($own[0], $shelf, $side), 0.01);
        $long = Fastener::driven(FastenerKind::Screw, [$side->id, $shelf->id], Length::fromMillimetres(120), $own[0]->drive);
        self::assertSame(320.0, Shear::of($long, $shelf, $side), 'never more');
        self::assertEqualsWithDelta(Shear::of($own[0], $side, $shelf), Shear::of($own[0], $shelf, $side), 1e-9, 'whichever is named first');
        $dowelled = new Planning(Niche::document(['joint' => 'dowels', 'shelves' => 'fixed'], [[400]]));
        $dowel = $dowelled->assembly()->fastened($built->piece->id)->of(FastenerKind::Dowel)[0];
        self::assertSame(320.0, Shear::of($dowel, $shelf, $side), '8 × 35');
    }

    /** A shelf of records on a short joint: as many screws as it takes, not as many as its depth asks; the same are drilled, driven and bought. */
    public function test_a_heavy_shelf_gets_more_screws(): void
    {
        $count = function (?int $kg): int {
            $document = Niche::document(['joint' => 'screws', 'shelves' => 'fixed'], [[400]]);
            $bay = (string) array_key_first($document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays']);
            $document['stored'] = $kg === null ? [] : [Sample::id('STR', 1) => self::weights($bay, $kg)];
            $planning = new Planning($document);
            $built = array_values($planning->pieces())[0];
            $shelf = $built->boards(Role::Shelf)[0];
            [$left] = self::holders($built, $shelf);
            $own = array_filter($planning->assembly()->fastened($built->piece->id)->fasteners, fn (Fastener $f): bool => $f->joins($shelf->id, $left));
            $each = Shear::of(array_values($own)[0], $shelf, $built->panels[$left]);
            $bears = EndLoads::of($built)["$shelf->id $left"];
            self::assertGreaterThanOrEqual($bears, count($own) * $each + 1e-6);

            return count($own);
        };
        $usual = $count(null);
        self::assertSame($usual, $count(20));
        // Half of 300 kg stands on this shelf: 1.47 kN, half at each end on 227 a screw.
        self::assertGreaterThan($usual, $count(600));
    }

    /** Over air between two sides: 2 kN at one end of it, a third more of a screw; no more room than its height gives is told. */
    public function test_a_bed_rail_that_hangs_between_two_uprights(): void
    {
        $document = StrengthTest::openBed(StrengthTest::bed());
        $planning = new Planning($document);
        $built = array_values($planning->pieces())[0];
        foreach (EndLoads::of($built) as $joint => $bears) {
            [$board, $holder] = explode(' ', $joint);
            self::assertStringNotContainsString(':bed_rail', $board, 'where there is no upright it stands on a leg behind its post');
            self::assertGreaterThan(0.0, $bears, $holder);
        }
        $legs = array_filter($built->fit->panels, fn (Panel $p): bool => str_contains($p->id, ':rail_leg_'));
        self::assertCount(2, $legs);
        $rail = array_values(array_filter($built->fit->panels, fn (Panel $p): bool => str_ends_with($p->id, ':bed_rail')))[0];
        foreach ($legs as $leg) {
            self::assertEquals($rail->block->from(Axis::Z), $leg->block->to(Axis::Z));
            self::assertTrue($leg->block->from(Axis::Z)->isZero());
            self::assertEquals($rail->block->from(Axis::Y), $leg->block->from(Axis::Y));
        }
    }

    /** In a box that is open to the floor: rail and ledger share 1500 N at each side by how high they are, and each has as many screws as that takes. */
    public function test_a_rail_and_its_ledger_share_what_hangs_between_two_sides(): void
    {
        $document = StrengthTest::bed();
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['open_floor'] = true;
        $planning = new Planning($document);
        $built = array_values($planning->pieces())[0];
        [$rail, $ledger] = array_map(fn (string $end): Panel => array_values(array_filter($built->fit->panels,
            fn (Panel $p): bool => str_ends_with($p->id, $end)))[0], [':bed_rail', ':ledger_front']);
        $loads = $planning->assembly()->endLoads($built->piece->id);
        foreach (self::holders($built, $rail) as $side) {
            $both = array_map(fn (Panel $p): float => $loads["$p->id $side"], [$rail, $ledger]);
            self::assertEqualsWithDelta(1_500.0, array_sum($both), 0.01);
            $high = array_map(fn (Panel $p): float => (float) $p->block->extent(Axis::Z)->millimetres(), [$rail, $ledger]);
            self::assertEqualsWithDelta($high[0] / $high[1], $both[0] / $both[1], 0.01);
            $screws = array_values(array_filter($planning->assembly()->fastened($built->piece->id)->fasteners,
                fn (Fastener $f): bool => $f->joins($rail->id, $side)));
            $each = Shear::of($screws[0], $rail, $built->panels[$side]);
            self::assertCount((int) ceil($both[0] / $each), $screws, 'more than the two that its height asks');
        }
    }

    /** Somebody leans on a desk with 500 N, at the very end for a short time: 375 on each cleat; a shelf on cleats is half at each. */
    public function test_what_lies_on_cleats(): void
    {
        $planning = new Planning(Demo::document('signal-cabin-loft'));
        $desk = array_filter($planning->assembly()->endLoads((string) array_key_first($planning->pieces())),
            fn (string $joint): bool => str_contains($joint, ':desk_cleat_'), ARRAY_FILTER_USE_KEY);
        self::assertSame([375.0, 375.0], array_values($desk));
        $planning = new Planning(Demo::document('galley-sink'));
        $built = array_values($planning->pieces())[0];
        foreach ($planning->assembly()->endLoads($built->piece->id) as $joint => $bears) {
            $shelf = $built->panels[explode(':cleat_', explode(' ', $joint)[0])[0]];
            [$long, $deep] = [$shelf->block->extent(Axis::X)->millimetres(), $shelf->block->extent(Axis::Y)->millimetres()];
            self::assertEqualsWithDelta((15 * $long / 1000 * $deep / 300 + $built->weight->of($shelf)) * 9.81 / 2, $bears, 0.01, $joint);
        }
    }

    public function test_a_rung_is_let_in_at_both_ends(): void
    {
        $built = array_values((new Planning(Demo::document('signal-cabin-loft')))->pieces())[0];
        $rungs = array_filter($built->design->joints, fn ($j): bool => preg_match('/:rung_\d+$/', $j->first) === 1 && $j->kind === JointKind::Dado);
        self::assertCount(8, $rungs, 'four rungs, two ends');
        foreach ($rungs as $joint) {
            self::assertSame(6.0, (float) $joint->depth->millimetres());
            $taken = $built->panels[$joint->second]->taken;
            self::assertCount(4, $taken);
        }
    }

    /** A shelf of 60 depth has room for two screws in each end: under 200 kg it is told, let in it bears by itself. */
    public function test_where_there_is_no_room_for_as_many_it_is_said(): void
    {
        $document = fn (string $joint): array => self::shallow($joint);
        $plan = Planned::of($document('screws'));
        $finding = $plan->finding('strength.end_gives');
        self::assertGreaterThan($finding['says']['args']['holds']['count'], $finding['says']['args']['kg']['count']);
        self::assertNotContains('strength.end_gives', Planned::of($document('dado'))->codes());
    }

    /** @return array<string, mixed> */
    private static function shallow(string $joint): array
    {
        $document = Niche::document(['joint' => $joint, 'shelves' => 'fixed'], [[400]]);
        $document['pieces'][Sample::PIECE]['depth'] = 100;
        $bay = (string) array_key_first($document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays']);
        $document['stored'] = [Sample::id('STR', 1) => self::weights($bay, 600)];

        return $document;
    }

    /** @return array<string, mixed> things of 10 kg that are kept in a bay */
    private static function weights(string $bay, int $kg): array
    {
        return ['name' => 'safe', 'width' => 100, 'depth' => 100, 'height' => 100, 'bay' => $bay, 'kg' => 10, 'count' => intdiv($kg, 10)];
    }

    /** @return list<string> what holds its ends */
    private static function holders(PlacedPiece $built, Panel $board): array
    {
        return array_values(array_map(fn ($j): string => $j->second,
            array_filter($built->design->joints, fn ($j): bool => $j->first === $board->id && $j->axis === Axis::X)));
    }
}
