<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Assembly\Wall\Capacity;
use Incastro\Core\Assembly\Wall\Hold;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Assembly\Wall\WallLoad;
use Incastro\Core\Assembly\Wall\WallSpots;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\MadeOf;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\FillsTest;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Screws into the wall: as many as what hangs on them takes, and the same ones in the steps, on the list and in the checks. */
final class WallTest extends TestCase
{
    public function test_what_a_screw_carries_by_what_lies_before_the_stud(): void
    {
        $down = fn (float $mm): ?float => Capacity::inStud(Length::fromMillimetres($mm), MadeOf::BirchPly)->down;
        $table = [[0, 320.0], [0.1, 180.0], [12.7, 180.0], [13, 180.0], [13.1, 150.0], [16, 150.0], [16.1, 120.0], [25, 120.0], [25.1, 100.0], [32, 100.0]];
        foreach ($table as [$mm, $newtons]) {
            self::assertSame($newtons, $down($mm), "$mm between");
        }
        self::assertNull($down(32.1), 'more is not known');
        self::assertNull(Capacity::inStud(null, MadeOf::BirchPly)->down, 'lining not stated');
        $out = fn (MadeOf $of): ?float => Capacity::inStud(Length::zero(), $of)->out;
        self::assertSame([400.0, 300.0], [$out(MadeOf::BirchPly), $out(MadeOf::SoftwoodPly)]);
    }

    /** Worked example A3: 900 × 700 × 320, 24 kg with 40 of plates, behind 12.7 of plasterboard. */
    public function test_a_hung_cupboard_by_hand(): void
    {
        $load = new WallLoad(Text::of('part.nailer'), 64, 64 * 9.81, 64 * 9.81 * 160 / 550);
        self::assertEqualsWithDelta(628, $load->down, 0.5);
        self::assertEqualsWithDelta(183, $load->out, 0.5);
        // 628/180 + 183/400 = 3.95.
        self::assertSame(4, $load->wants(Capacity::inStud(Length::fromMillimetres(12.7), MadeOf::BirchPly), 900));
        // 628/250 + 183/150 = 3.73.
        self::assertSame(4, $load->wants(Capacity::inBrick(), 900));
        self::assertSame(0, $load->wants(Capacity::unknown(), 900), 'nobody can say');
        // Exactly two of 180 are no third.
        self::assertSame(2, (new WallLoad(Text::of('part.nailer'), 1, 360.0))->wants(Capacity::inStud(Length::fromMillimetres(10), MadeOf::BirchPly), 900));
    }

    /** A3 goes on: a hand at the edge of a door of 450, open, comes to 0.75 · (778/180 + 393/400) = 3.98; a child at the front to 4.36. */
    public function test_a_hung_cupboard_with_a_hand_on_its_door_or_a_child(): void
    {
        $lined = Capacity::inStud(Length::fromMillimetres(12.7), MadeOf::BirchPly);
        $hung = fn (array ...$short): WallLoad => new WallLoad(Text::of('part.nailer'), 64, 64 * 9.81, 64 * 9.81 * 160 / 550, array_values($short));
        [$hand, $child] = [[150.0, 150 * (320 + 450) / 550], [27 * 9.81, 27 * 9.81 * 320 / 550]];
        self::assertSame(4, $hung($hand)->wants($lined, 900));
        self::assertSame(5, $hung($child)->wants($lined, 900));
        self::assertSame(5, $hung($hand, $child)->wants($lined, 900), 'one at a time, the worst');
    }

    /** One person, 1350 N, between two studs: behind 12.7 a screw bears 180 · 4/3 = 240 for a while: 5.6, so three in each stud there is. */
    public function test_one_person_on_a_ledger(): void
    {
        $load = new WallLoad(Text::of('part.nailer'), 50, 500.0, place: 1_350.0);
        $behind = fn (float $mm): Capacity => Capacity::inStud(Length::fromMillimetres($mm), MadeOf::BirchPly);
        self::assertSame(15, $load->wants($behind(12.7), 2_000, 5));
        self::assertSame(10, $load->wants($behind(0), 2_000, 5), '1350/427 = 3.2: two in each');
        // In brick 250 · 4/3: 4.05 on 800 of it, whatever its length is shorter than that.
        self::assertSame([5, 5, 11], array_map(fn (float $mm): int => $load->wants(Capacity::inBrick(), $mm), [300.0, 800.0, 2_000.0]));
        self::assertSame(3, (new WallLoad(Text::of('part.nailer'), 50, 500.0))->wants($behind(12.7), 2_000, 5), 'nobody sleeps on it');
    }

    /** What opens decides how far out a hand reaches: a pair of leaves half the bay, a flap its height, a drawer its depth, a sliding leaf nothing. */
    public function test_a_hung_box_with_what_opens(): void
    {
        $document = Demo::document('pantry-passage-upper');
        $reach = function (?array $door, bool $children) use ($document): array {
            $document['house']['children'] = $children;
            $piece = (string) array_key_first($document['pieces']);
            $run = (string) array_key_first($document['pieces'][$piece]['runs']);
            foreach ($document['pieces'][$piece]['runs'][$run]['bands'] as &$band) {
                foreach ($band['bays'] as &$bay) {
                    unset($bay['door']);
                    $bay += $door === null ? [] : ['door' => $door];
                }
            }
            $planning = new Planning($document);
            $built = $planning->pieces()[$piece];
            $load = array_values(array_filter(array_map(fn (WallFixing $f): ?WallLoad => $f->load, $planning->assembly()->wall($piece))))[0];
            $cell = array_values($built->design->cells)[0];

            return [$load->short, $cell->x->value()->millimetres(), $cell->z->value()->millimetres()];
        };
        self::assertSame([], $reach(null, false)[0], 'nothing opens, nobody climbs');
        self::assertCount(1, $reach(null, true)[0], 'a child');
        [$sliding] = $reach(['kind' => 'sliding'], false);
        self::assertSame([], $sliding);
        [$one, $wide] = $reach(['kind' => 'hinged', 'leaves' => 1], false);
        [$pair] = $reach(['kind' => 'hinged', 'leaves' => 2], false);
        self::assertSame($one[0][0], $pair[0][0], 'the same hand');
        // v the same: what a hand pulls out more is its weight times half a leaf over v.
        [$drop, , $high] = $reach(['kind' => 'drop'], false);
        self::assertEqualsWithDelta(($wide - $high) / ($wide / 2), ($one[0][1] - $drop[0][1]) / ($one[0][1] - $pair[0][1]), 0.01);
        self::assertCount(2, $reach(['kind' => 'drop'], true)[0]);
    }

    public function test_a_deeper_rail_has_room_for_more(): void
    {
        // Two studs behind it, all boards of 18: one over another from 73, 98 and 123 up.
        foreach ([72 => 2, 73 => 4, 97 => 4, 98 => 6, 122 => 6, 123 => 8, 300 => 8] as $high => $room) {
            $spots = new WallSpots(self::rail($high), [Length::fromMillimetres(100), Length::fromMillimetres(500)]);
            self::assertSame($room, $spots->room(), "$high high");
            $all = $spots->of(99);
            self::assertCount($room, $all, 'never more than there is room for');
            foreach ([100, 500] as $x) {
                $own = array_values(array_filter($all, fn (array $s): bool => $s[0]->millimetres() == $x));
                $ups = array_map(fn (array $s): float => (float) $s[1]->millimetres(), $own);
                foreach ($ups as $i => $z) {
                    self::assertGreaterThanOrEqual(count($ups) > 1 ? 24 : 0, min($z - 1_000, 1_000 + $high - $z));
                    self::assertGreaterThanOrEqual(24.9, $i === 0 ? 25 : $z - $ups[$i - 1], 'apart');
                }
            }
            self::assertCount(2, $spots->of(0), 'one in each stud at least');
        }
        $three = new WallSpots(self::rail(90), array_map(Length::fromMillimetres(...), [100, 300, 500]));
        self::assertEquals([100, 100, 300, 500, 500], array_map(fn (array $s): float => (float) $s[0]->millimetres(), $three->of(5)), 'the outer ones first');
    }

    public function test_without_studs_screws_stand_along_the_board(): void
    {
        // 970 between the first and the last: three of 400 at most, ten of 100 at least apart.
        $spots = new WallSpots(self::rail(90, 1_000), []);
        self::assertEquals([15, 338.333325, 661.66665, 985], array_map(fn (array $s): float => (float) $s[0]->millimetres(), $spots->of(0)));
        self::assertSame([10, 10], [$spots->room(), count($spots->of(50))]);
    }

    public function test_a_screw_is_long_enough_for_its_bite(): void
    {
        foreach (Demo::documents() as $name => $document) {
            $planning = new Planning($document);
            foreach ($planning->pieces() as $id => $built) {
                foreach ($planning->assembly()->wall($id) as $fixing) {
                    $before = $fixing->board->block->to(Axis::Y)->plus($built->room->space->build->lining ?? Length::zero());
                    self::assertGreaterThanOrEqual($fixing->in() === Hold::Stud ? 38 : 40, $fixing->screw()->minus($before)->millimetres(), $name);
                }
            }
        }
    }

    public function test_knowledge_taken_away_makes_no_warning_go_away(): void
    {
        $known = ['wall' => 'wood_stud', 'lining' => 12.5, 'floor' => 'fixed', 'first_stud' => 200, 'spacing' => 400];
        $light = self::hung($known);
        self::assertNotContains('strength.held_unknown', Planned::of($light)->codes());
        foreach (['wall' => 'wall', 'lining' => 'lining', 'first_stud' => 'studs'] as $gone => $why) {
            $build = array_diff_key($known, [$gone => 1] + ($gone === 'first_stud' ? ['spacing' => 1] : []));
            $finding = Planned::of(self::hung($build))->finding('strength.held_unknown');
            self::assertSame(['stop', "held.$why"], [$finding['severity'], $finding['says']['args']['why']['text']['key']], "$gone unknown");
        }
        $heavy = self::hung(['spacing' => 900] + $known, 120);
        self::assertContains('strength.hanging_load', Planned::of($heavy)->codes());
        $heavy['spaces'][Sample::SPACE]['build'] = ['floor' => 'fixed'];
        self::assertContains('strength.held_unknown', Planned::of($heavy)->codes(), 'still told, and as a stop');
    }

    /** Screws in the rail at the foot of a bay that something rolls out of keep nothing from falling forward; those in its nailer do. */
    public function test_a_screw_at_the_foot_is_no_tie(): void
    {
        $document = FillsTest::bay(['kind' => 'pull_out']);
        $document['spaces'][Sample::SPACE]['build'] = ['wall' => 'masonry', 'floor' => 'fixed'];
        $planning = new Planning($document);
        $built = array_values($planning->pieces())[0];
        $ties = [];
        foreach ($planning->assembly()->wall($built->piece->id) as $fixing) {
            $ties[str_ends_with($fixing->board->id, ':foot_rail') ? 'foot' : 'head'] = $fixing->ties($built->box->floor, $built->box->top());
        }
        ksort($ties);
        self::assertSame(['foot' => false, 'head' => true], $ties);
    }

    public function test_a_box_without_a_board_to_screw_through_is_held_by_nothing(): void
    {
        $document = self::hung(['wall' => 'masonry', 'floor' => 'fixed']);
        self::assertNotContains('strength.held_by_nothing', Planned::of($document)->codes());
        $bay = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)];
        $bay['fill'] = ['kind' => 'cubbies', 'columns' => 2, 'rows' => 1];
        $finding = Planned::of($document)->finding('strength.held_by_nothing');
        self::assertSame(['stop', 1400], [$finding['severity'], $finding['says']['args']['up']['mm']]);
        $document['pieces'][Sample::PIECE]['stand'] = ['from' => 'left', 'at' => 20];
        self::assertNotContains('strength.held_by_nothing', Planned::of($document)->codes(), 'it stands');
    }

    public function test_what_hangs_counts_doors_and_what_is_kept_and_its_rail_is_deeper(): void
    {
        $build = ['wall' => 'wood_stud', 'lining' => 12.5, 'floor' => 'fixed', 'first_stud' => 200, 'spacing' => 400];
        $load = fn (array $document): WallLoad => array_values(array_filter((new Planning($document))->assembly()->wall(Sample::PIECE),
            fn (WallFixing $f): bool => $f->load !== null))[0]->load;
        $plain = self::hung($build);
        $kg = $load($plain)->kg;
        self::assertEqualsWithDelta($load(self::hung($build, 30))->kg + 30, $load(self::hung($build, 60))->kg, 1e-6);
        $closed = $plain;
        $closed['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['door'] = ['kind' => 'hinged'];
        self::assertGreaterThan($kg + 4, $load($closed)->kg, 'its door hangs with it');
        $planning = new Planning($plain);
        $nailer = array_values($planning->pieces())[0]->boards(Role::Nailer)[0];
        self::assertSame(123, $nailer->block->extent(Axis::Z)->millimetres());
        // W·a/v: from the wall to its middle, and from the rail's middle down to its foot.
        $unit = array_values($planning->pieces())[0]->units[0];
        $v = $nailer->block->middle(Axis::Z)->minus($unit->bottom())->millimetres();
        self::assertEqualsWithDelta($kg * 9.81 * $unit->block()->middle(Axis::Y)->millimetres() / $v, $load($plain)->out, 0.01);
    }

    /**
     * @param  array<string, mixed>  $build
     * @return array<string, mixed> a box of 900 by 600, 1400 over the floor, so many kg in it
     */
    public static function hung(array $build, float $kg = 0.0): array
    {
        $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 2400), 2, 2300, 2400);
        $piece = &$document['pieces'][Sample::PIECE];
        [$piece['height'], $piece['width'], $piece['stand']] = [600, 900, ['from' => 'left', 'at' => 20, 'up' => 1400]];
        $piece['back_material'] = Sample::BACK;
        $piece['methods'] = ['back' => 'none'];
        unset($piece['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
        $document['spaces'][Sample::SPACE]['build'] = $build;
        $document['stored'] = $kg > 0 ? [Sample::id('THNG', 1) => ['name' => 'Box', 'order' => 'a', 'width' => 200, 'depth' => 200, 'height' => 150,
            'bay' => Sample::id('BAY', 1), 'kg' => $kg, 'count' => 1]] : [];

        return $document;
    }

    private static function rail(int $high, int $long = 700): Panel
    {
        $document = self::hung(['wall' => 'masonry', 'floor' => 'fixed']);
        $nailer = array_values((new Planning($document))->pieces())[0]->boards(Role::Nailer)[0];
        $mm = Length::fromMillimetres(...);

        return $nailer->shaped(Prism::of(new Block(new Place3($mm(0), $mm(0), $mm(1_000)), new Place3($mm($long), $mm(18), $mm($high))), Axis::Y));
    }
}
