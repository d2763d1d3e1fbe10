<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly\Loads\Way;

use Incastro\Core\Assembly\Loads\Way\BondKind;
use Incastro\Core\Assembly\Loads\Way\Cases;
use Incastro\Core\Assembly\Loads\Way\Load;
use Incastro\Core\Assembly\Loads\Way\Way;
use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Queries\Starters;
use Incastro\Core\Tests\Assembly\WallTest;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** The weight of whole pieces, down to floor and wall. */
final class WayTest extends TestCase
{
    /** Three hung boxes: all their weight is on the wall, nothing on the floor; what pulls out is what leans at the foot. */
    public function test_what_hangs_comes_to_the_wall(): void
    {
        $planning = new Planning(Demo::document('pantry-passage-upper'));
        $built = array_values($planning->pieces())[0];
        [$way, $always, $house] = self::way($planning);
        self::assertArrayNotHasKey('floor', $house);
        $kg = $built->weight->of(...$built->fit->panels) + Stowed::whole($built);
        self::assertEqualsWithDelta($kg * 9.81, $house['wall'][2], 0.5);
        self::assertEqualsWithDelta(0.0, $house['wall'][1] + $house['bears'][1], 0.01);
        // The count of screws was by W · a/v: the same within a tenth, for the foot of a side is not where its screws are in the middle of.
        $out = array_sum(array_map(fn (WallFixing $f): float => $f->load->out ?? 0.0, $planning->assembly()->wall($built->piece->id)));
        self::assertEqualsWithDelta($out, -$house['wall'][1], $out / 10);
    }

    /** All that stands comes to the floor but for what the screws at its head take; no weight is lost. */
    public function test_what_stands_comes_to_floor_and_wall(): void
    {
        foreach (['chart-room-right-niche', 'signal-cabin-loft', 'wash-house-basin'] as $room) {
            $planning = new Planning(Demo::document($room));
            [, $always, $house] = self::way($planning);
            $weight = -array_sum(array_map(fn (Load $l): float => $l->force[2], $always));
            self::assertEqualsWithDelta($weight, $house['floor'][2] + ($house['wall'][2] ?? 0.0), $weight / 1_000, $room);
            $kg = 0.0;
            foreach ($planning->pieces() as $built) {
                $kg += $built->weight->of(...$built->fit->panels) + Stowed::whole($built);
            }
            self::assertLessThanOrEqual($kg * 9.81 + 0.5, $weight, $room);
        }
    }

    /** Somebody on a rung: it goes to both sides of the ladder and from those to the floor. */
    public function test_one_person_on_a_rung(): void
    {
        $planning = new Planning(Demo::document('signal-cabin-loft'));
        $way = Way::through($planning->assembly());
        $cases = (new Cases($planning->assembly(), $way->centres))->each();
        $rung = array_values(array_filter(array_keys($cases), fn (string $case): bool => str_ends_with($case, ':rung_2')))[0];
        $forces = $way->forces($cases[$rung]);
        $sides = ['left' => 0.0, 'right' => 0.0];
        foreach ($way->bonds as $n => $bond) {
            foreach (array_keys($sides) as $side) {
                $isFoot = $bond->kind === BondKind::Floor && str_ends_with($bond->body, ":ladder_$side");
                $sides[$side] += $isFoot ? array_sum(array_column($forces[$n], 2)) : 0.0;
            }
        }
        self::assertGreaterThan($sides['right'], $sides['left'], 'it is stepped on a quarter from the left');
        self::assertGreaterThan(0.6 * 1_350, $sides['left'] + $sides['right'], 'most of it, but for what bracket and guard take');
        self::assertEqualsWithDelta(1_350.0, array_sum(array_column($way->atTheHouse($forces), 2)), 1.4);
    }

    public function test_what_is_used_how(): void
    {
        $planning = new Planning(Demo::document('signal-cabin-loft'));
        $cases = (new Cases($planning->assembly(), Way::through($planning->assembly())->centres))->each();
        $kinds = array_count_values(array_map(fn (string $case): string => explode(' ', $case)[0], array_keys($cases)));
        self::assertSame(4, $kinds['steps']);
        self::assertSame(1, $kinds['pushes']);
        self::assertSame(1, $kinds['leans'], 'the desk');
        self::assertGreaterThan(10, $kinds['lies']);
        $desk = array_values(array_filter($cases, fn (string $case): bool => str_starts_with($case, 'leans'), ARRAY_FILTER_USE_KEY))[0];
        self::assertSame(-500.0, $desk[0]->force[2], 'over 600 somebody leans on it');
        $bench = new Planning(Demo::document('signal-cabin-corner'));
        foreach ((new Cases($bench->assembly(), Way::through($bench->assembly())->centres))->each() as $case => $loads) {
            self::assertSame(-1_350.0, $loads[0]->force[2], $case);
        }
    }

    /** What nobody holds is no part of it: its weight does not go through the air. */
    public function test_what_is_loose_has_no_way(): void
    {
        $document = WallTest::hung(['wall' => 'masonry', 'floor' => 'fixed']);
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['fill']
            = ['kind' => 'cubbies', 'columns' => 2, 'rows' => 1];
        $assembly = (new Planning($document))->assembly();
        self::assertNotSame([], $assembly->loose());
        $way = Way::through($assembly);
        foreach ($assembly->loose() as $body) {
            self::assertArrayNotHasKey($body->id, $way->centres);
        }
        self::assertSame([], $assembly->turning(), 'it is told already');
    }

    /** A rail of 90 on one stud has two screws in it, one over the other: on one it would turn. */
    public function test_a_rail_on_one_stud(): void
    {
        $document = Demo::document('gear-locker');
        $space = (string) array_key_first($document['spaces']);
        foreach ([300, 600, 900] as $spacing) {
            $document['spaces'][$space]['build'] = ['wall' => 'wood_stud', 'lining' => 12.5, 'floor' => 'fixed', 'first_stud' => 300, 'spacing' => $spacing];
            $planning = new Planning($document);
            self::assertSame([], $planning->assembly()->turning());
            foreach ($planning->assembly()->wall((string) array_key_first($planning->pieces())) as $fixing) {
                self::assertGreaterThanOrEqual(2, count($fixing->fasteners), $fixing->board->id);
            }
        }
    }

    /** A cupboard under a stair whose rail is so short that one plug goes through it: it swings on that, with all that is fixed to it; told once. */
    public function test_a_cupboard_on_one_screw_swings(): void
    {
        $document = self::withStarter('stair-store', 'laundry-caddy-and-cupboard');
        $planning = new Planning($document);
        $turning = $planning->assembly()->turning();
        $hung = array_values(array_filter($turning, fn (Unit $u): bool => $u->kind === UnitKind::Carcass));
        self::assertCount(1, $hung);
        self::assertGreaterThan(1, count($turning), 'its back and its filler go with it');
        $screws = array_filter($planning->assembly()->wallScrews($hung[0]->panels[0]->piece), fn (WallFastener $f): bool => $hung[0]->has($f->board->id));
        self::assertCount(1, $screws);
        $told = array_values(array_filter($planning->findings(), fn (Finding $f): bool => $f->code === 'strength.turns'));
        self::assertSame([[Severity::Stop, $hung[0]->panels[0]->id]], array_map(fn (Finding $f): array => [$f->severity, $f->place->ref], $told));
    }

    /** @return array<string, mixed> a room of the demo house with a ready-made design added */
    private static function withStarter(string $room, string $key): array
    {
        $document = Demo::document($room);
        $n = 0;
        $ops = Starters::fitted($document, $key, (string) array_key_first($document['spaces']), function () use (&$n): string {
            return sprintf('01JP%022d', ++$n);
        });

        return Changes::apply($document, Change::of(array_map(fn (array $op): array => $op + ['value' => null], $ops)))->document;
    }

    /** Pins in one side, and the slope where the other was: it tips off them, and that is told; whole it is not. */
    public function test_a_shelf_at_one_end(): void
    {
        $planning = new Planning((new AnyPiece(7_919 * 1_000_658))->document());
        $told = array_values(array_filter($planning->findings(), fn (Finding $f): bool => $f->code === 'strength.one_end'));
        self::assertCount(1, $told);
        $built = array_values(array_filter($planning->pieces(), fn (PlacedPiece $p): bool => isset($p->panels[$told[0]->place->ref])))[0];
        self::assertSame(Role::Shelf, $built->panels[$told[0]->place->ref]->role);
        foreach (Demo::names() as $room) {
            self::assertNotContains('strength.one_end', Planned::of(Demo::document($room))->codes(), $room);
        }
    }

    /** A desk without uprights, on a row of screws through the rail behind it, would fold down. */
    public function test_a_desk_on_a_row_of_screws_turns(): void
    {
        $document = (new AnyPiece(7_919 * 7_247))->document();
        $document['spaces'][Sample::SPACE]['build'] = ['floor' => 'fixed', 'wall' => 'unknown'];
        $planning = new Planning($document);
        $ids = array_map(fn (Unit $u): string => explode(':', $u->id)[1], $planning->assembly()->turning());
        self::assertSame([], array_diff($ids, ['desk', 'desk_2', 'desk_3', 'desk_rail', 'desk_cleat_left', 'desk_cleat_right']));
        self::assertSame($ids === [], ! in_array('strength.turns', Planned::of($document)->codes(), true));
    }

    /** @return array{Way, list<Load>, array<string, array{float, float, float}>} */
    private static function way(Planning $planning): array
    {
        $way = Way::through($planning->assembly());
        $always = (new Cases($planning->assembly(), $way->centres))->always();

        return [$way, $always, $way->atTheHouse($way->forces($always))];
    }
}
