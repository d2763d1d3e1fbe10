<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly\Loads;

use Incastro\Core\Assembly\Contact;
use Incastro\Core\Assembly\Loads\Carriers;
use Incastro\Core\Assembly\Loads\Stretch;
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

/** What carries level boards, and what nobody looked at before: bottoms, slats, treads, rails and overhangs. */
final class CarriersTest extends TestCase
{
    /** Carcass 1000 of 18 on a plinth with rungs under its sides: 964 clear; a shelf on pins hangs between the same sides. */
    public function test_a_shelf_and_a_bottom_between_two_sides(): void
    {
        [$built, $carriers] = self::of(Niche::document(['shelves' => 'pins'], [[400]]));
        self::assertSame([[964.0, false]], self::stretches($carriers, $built->boards(Role::Shelf)[0], Axis::X));
        $bottom = $built->boards(Role::Bottom)[0];
        self::assertNotNull($carriers->stretches($bottom, Axis::Y), 'front and rear rail of the plinth run along under it');
        self::assertNull($carriers->stretches($built->boards(Role::Shelf)[0], Axis::Y));
    }

    /** On two flat rails a lid is carried by what those stand on: the dividers. */
    public function test_flat_rails_bend_with_the_lid_on_them(): void
    {
        [$built, $carriers] = self::of(Demo::document('lamp-room-bench'));
        $lid = $built->boards(Role::Lid)[1];
        self::assertSame(['lid', 'top_rail'], array_map(fn (Panel $p): string => $p->role->value, $carriers->stack($lid)));
        $between = array_values(array_filter($carriers->stretches($lid, Axis::X) ?? [], fn (Stretch $s): bool => ! $s->overhangs));
        self::assertCount(1, $between);
        self::assertEqualsWithDelta(549.3, $between[0]->length(), 0.2, '1164.8 − 615.5');
        self::assertNull($carriers->stretches($lid, Axis::Y));
    }

    /** A desk spans between its cleats: the rail behind it runs along under it and carries it across, not along. */
    public function test_what_runs_along_under_a_board_is_no_end_of_its_span(): void
    {
        [$built, $carriers] = self::of(Demo::document('bunk-room'));
        $desk = array_values(array_filter($built->boards(Role::Slab), fn (Panel $p): bool => str_ends_with($p->id, ':desk')))[0];
        $cleats = array_values(array_filter($built->boards(Role::Cleat), fn (Panel $p): bool => str_contains($p->id, ':desk_cleat_')));
        $clear = $cleats[1]->block->from(Axis::X)->minus($cleats[0]->block->to(Axis::X))->millimetres();
        $between = array_values(array_filter($carriers->stretches($desk, Axis::X) ?? [], fn (Stretch $s): bool => ! $s->overhangs));
        self::assertEqualsWithDelta([$clear], array_map(fn (Stretch $s): float => $s->length(), $between), 0.01);
        self::assertSame([':desk_rail'], array_map(fn (Panel $p): string => ':'.explode(':', $p->id)[1], $carriers->ribs($desk, Axis::X)));
    }

    /** So too where it is as thick as a timber: it bears over more than 30 across, and yet it runs along. */
    public function test_a_thick_rail_along_under_a_board_is_no_end_either(): void
    {
        $planning = new Planning(Demo::document('bunk-room'));
        $built = array_values($planning->pieces())[0];
        $desk = array_values(array_filter($built->boards(Role::Slab), fn (Panel $p): bool => str_ends_with($p->id, ':desk')))[0];
        $thicker = fn (Contact $c): Contact => str_ends_with($c->other($desk->id), ':desk_rail')
            ? new Contact($c->first, $c->second, $c->normal, $c->area, [$c->box[0], $c->box[1], $c->box[2] - 30.0, $c->box[3], $c->box[4], $c->box[5]]) : $c;
        $contacts = array_values(array_filter($planning->assembly()->contacts, fn (Contact $c): bool => in_array($desk->id, [$c->first, $c->second], true)));
        $as = fn (\Closure $how): array => self::stretches(new Carriers($built, array_map($how, $contacts), $planning->assembly()->fastened($built->piece->id)),
            $desk, Axis::X);
        self::assertSame($as(fn (Contact $c): Contact => $c), $as($thicker));
    }

    /** Dividers over a toe kick would stand on the bottom alone: a bearer takes each to the floor. */
    public function test_dividers_over_a_toe_kick_have_bearers(): void
    {
        [$built, $carriers] = self::of(Demo::document('lamp-room-bench'));
        $dividers = $built->boards(Role::Divider);
        $bearers = array_values(array_filter($built->boards(Role::ToeBoard), fn (Panel $p): bool => str_ends_with($p->id, ':toe_bearer')));
        self::assertCount(2, $bearers);
        foreach ($bearers as $i => $bearer) {
            self::assertEquals($dividers[$i]->block->from(Axis::X), $bearer->block->from(Axis::X));
            self::assertEquals($built->boards(Role::Bottom)[0]->block->from(Axis::Z), $bearer->block->to(Axis::Z));
        }
        $longest = max(array_map(fn (Stretch $s): float => $s->length(), $carriers->stretches($built->boards(Role::Bottom)[0], Axis::X) ?? []));
        self::assertLessThan(560, $longest);
    }

    /** Hung, with neither back nor dividers, a bottom of 2 265 carries all that stands on it; in three bays the nailers hold its dividers. */
    public function test_the_bottom_of_a_wide_box_that_hangs(): void
    {
        $document = Demo::document('pantry-passage-upper');
        self::assertNotContains('strength.board_sags', Planned::of($document)->codes());
        $piece = (string) array_key_first($document['pieces']);
        $run = (string) array_key_first($document['pieces'][$piece]['runs']);
        $band = (string) array_key_first($document['pieces'][$piece]['runs'][$run]['bands']);
        $bays = &$document['pieces'][$piece]['runs'][$run]['bands'][$band]['bays'];
        $bays = array_slice($bays, 0, 1, true);
        $finding = Planned::of($document)->finding('strength.board_sags');
        self::assertSame(2264.8, $finding['says']['args']['span']['mm']);
        // 15 kg of linen a metre of 300, and its own 17.6 · 680e-9 · 300 = 3.59 a metre: 0.18236 N/mm over 300 · 17.6³/12.
        $sag = 5 * (15 + 17.6 * 300 * 680e-6) * 9.81e-3 * 2264.8 ** 4 / (384 * 10_000 * 300 * 17.6 ** 3 / 12) * 1.8;
        self::assertEqualsWithDelta($sag, $finding['measured'], 0.1);
    }

    /** 372 between the sides of a ladder, 90 deep: 1350 N · 354.8/4 on 90 · 17.6²/6 is 25.8 N/mm²; a strip of 60 on edge takes nine tenths. */
    public function test_rungs_bear_one_person(): void
    {
        [$built, $carriers] = self::of(Demo::document('signal-cabin-loft'));
        $rung = array_values(array_filter($built->boards(Role::Ladder), fn (Panel $p): bool => str_ends_with($p->id, ':rung_1')))[0];
        $ribs = $carriers->ribs($rung, Axis::X);
        self::assertCount(1, $ribs);
        [$board, $strip] = [90 * 17.6 ** 3 / 12, 17.6 * 60 ** 3 / 12];
        $moment = 1350 * 354.8 / 4;
        self::assertGreaterThan(12, $moment / (90 * 17.6 ** 2 / 6), 'alone it breaks');
        self::assertLessThan(12, $moment * $strip / ($board + $strip) / (17.6 * 60 ** 2 / 6));
        self::assertNotContains('strength.board_breaks', Planned::of(Demo::document('signal-cabin-loft'))->codes());
    }

    /** A rail of 25 × 1.5 under 40 kg a metre: over 1 100 without its bracket it would give 4.7, with it a sixteenth; over 2 600 that is too little. */
    public function test_hanging_rails(): void
    {
        $closet = fn (float $wide): array => Planned::of(self::hanging($wide))->codes();
        self::assertNotContains('strength.rail_sags', $closet(1100));
        // L/200 with a bracket: 5 · 0.3924 · 200 · l³ = 384 · 210 000 · 7 676, so l = 1 164 each way.
        self::assertNotContains('strength.rail_sags', $closet(2320));
        self::assertContains('strength.rail_sags', $closet(2345));
    }

    /** @return array<string, mixed> one bay of that width between its sides, with a rail */
    private static function hanging(float $wide): array
    {
        $document = Niche::document([], [[]]);
        foreach ($document['spaces'][Sample::SPACE]['readings'] as $id => $reading) {
            foreach ($document['facts'] as &$fact) {
                if (($fact['reading'] ?? null) === $id && $reading['kind'] === 'width') {
                    [$fact['value'], $fact['raw']] = [$wide + 46, (string) ($wide + 46)];
                }
            }
        }
        $document['pieces'][Sample::PIECE]['depth'] = 560;
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['fill'] = ['kind' => 'hanging'];

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{PlacedPiece, Carriers}
     */
    private static function of(array $document): array
    {
        $planning = new Planning($document);
        $built = array_values($planning->pieces())[0];

        return [$built, $planning->assembly()->carriers($built->piece->id)];
    }

    /** @return list<array{float, bool}> how long each, and whether it runs on past the last carrier */
    private static function stretches(Carriers $carriers, Panel $board, Axis $along): array
    {
        return array_map(fn (Stretch $s): array => [round($s->length(), 3), $s->overhangs], $carriers->stretches($board, $along) ?? []);
    }
}
