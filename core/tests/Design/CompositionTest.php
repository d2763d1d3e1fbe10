<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Queries\MethodComparison;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Runs, bands and bays by hand: a carcass of 1800, from a width of 1810 with 5 of play each side, boards of 18. */
final class CompositionTest extends TestCase
{
    public function test_bays_by_share_by_weight_and_chosen(): void
    {
        // 1800 − 4 · 18 − 400 = 1328, shared 3 : 1.
        self::assertSame([400, 996, 332], self::openings([['width' => ['by' => 'fixed', 'value' => 400]], ['width' => ['by' => 'share', 'weight' => 3]], []]));
        $trail = Planned::trail(Planned::of(self::bays([['width' => ['by' => 'fixed', 'value' => 400]], []]))->piece()['openings'][Sample::id('BAY', 2)]);
        self::assertSame(['− 54 piece.sides_and_dividers', '− 400 piece.bay_chosen', '= 1346 piece.clear_opening'], array_slice($trail, -3));
    }

    public function test_chosen_widths_that_leave_or_exceed_are_said(): void
    {
        $fixed = fn (int $mm): array => ['width' => ['by' => 'fixed', 'value' => $mm]];
        // 1800 − 54 = 1746: 800 + 900 leave 46, which the last bay takes.
        $leaves = Planned::of(self::bays([$fixed(800), $fixed(900)]));
        self::assertSame(46, $leaves->finding('piece.bays_leave')['measured']);
        self::assertSame(946, $leaves->piece()['openings'][Sample::id('BAY', 2)]['mm']);
        self::assertNotContains('piece.bays_leave', Planned::of(self::bays([$fixed(846), $fixed(900)]))->codes(), 'exactly full');
        self::assertSame(1, Planned::of(self::bays([$fixed(847), $fixed(900)]))->finding('piece.bays_exceed')['measured']);
    }

    public function test_dividers_to_studs(): void
    {
        // The second assumed stud stands at 180 + 400 = 580: the divider's left face at 571; the first bay from 5 + 18 = 23.
        $document = self::bays([['width' => ['by' => 'stud', 'ref' => 'pitch:2']], []]);
        $document['spaces'][Sample::SPACE]['build'] = ['first_stud' => 180, 'spacing' => 400];
        $plan = Planned::of($document);
        self::assertSame(571 - 23, $plan->piece()['openings'][Sample::id('BAY', 1)]['mm']);
        $drag = $plan->piece()['cells'][Sample::id('BAY', 1)]['drag'];
        self::assertContains(548, array_column(array_filter($drag['snaps'], fn (array $s): bool => $s['by']['by'] === 'stud'), 'width'));
        self::assertSame(60, $drag['least']);
        $document['spaces'][Sample::SPACE]['build'] = [];
        self::assertContains('piece.mark_lost', Planned::of($document)->codes());
    }

    public function test_a_divider_let_go_at_equal_is_where_sharing_puts_it(): void
    {
        // 1800 − 72 = 1728: 300 chosen; the others 714. Sharing again: 576 each.
        $plan = Planned::of(self::bays([['width' => ['by' => 'fixed', 'value' => 300]], [], []]));
        $snap = fn (int $bay): int|float => array_column(array_filter($plan->piece()['cells'][Sample::id('BAY', $bay)]['drag']['snaps'],
            fn (array $s): bool => $s['by']['by'] === 'share'),
            'width')[0];
        self::assertSame(576, $snap(1));
        self::assertSame(714, $snap(2), 'the chosen one stands');
        self::assertNull($plan->piece()['cells'][Sample::id('BAY', 3)]['drag'], 'nothing to its right');
    }

    public function test_bands_share_uprights_and_dividers_run_through(): void
    {
        $document = self::bays([['through' => [Sample::id('BOX', 2) => true]], []]);
        $bands = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'];
        $bands[Sample::BOX]['height'] = 800;
        $bands[Sample::id('BOX', 2)] = ['order' => 'c', 'kind' => 'box', 'joined' => true, 'bays' => [
            Sample::id('BAY', 3) => ['order' => 'a', 'width' => ['by' => 'below', 'ref' => Sample::id('BAY', 1)]],
            Sample::id('BAY', 4) => ['order' => 'b'], Sample::id('BAY', 5) => ['order' => 'c']]];
        $plan = Planned::of($document);
        // One pair of sides of 2200; the divider runs from 118 to 2282; the board between is in two.
        self::assertCount(1, self::named($plan, 'side_left'));
        self::assertSame(2164, self::named($plan, 'divider')[0]['finished']['length']['mm']);
        self::assertCount(2, self::named($plan, 'between'));
        self::assertSame($plan->piece()['openings'][Sample::id('BAY', 1)]['mm'], $plan->piece()['openings'][Sample::id('BAY', 3)]['mm']);
        // Above: 2200 − 800 − 18 = 1382 clear.
        self::assertSame(1382, $plan->piece()['cells'][Sample::id('BAY', 4)]['height']['mm']);
    }

    public function test_separate_boxes_of_different_depth(): void
    {
        $document = self::bays([[]]);
        $bands = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'];
        $bands[Sample::BOX]['height'] = 700;
        $bands[Sample::id('TOP', 1)] = ['order' => 'c', 'kind' => 'top', 'overhang' => 20, 'layers' => 2];
        $bands[Sample::id('BOX', 2)] = ['order' => 'd', 'kind' => 'box', 'depth' => 220,
            'against' => 'front', 'bays' => [Sample::id('BAY', 9) => ['order' => 'a']]];
        $plan = Planned::of($document);
        // 2300 − 100 − 700 − 36 = 1464; 220 deep at the front of 350 leaves 130 behind.
        $upper = array_values(array_filter($plan->plan['parts'],
            fn (array $p): bool => ($p['name']['args']['part']['text']['key'] ?? '') === 'part.side_left'))[1];
        self::assertSame([1464, 220], [$upper['finished']['length']['mm'], $upper['finished']['width']['mm']]);
        self::assertSame(130, $plan->finding('piece.space_behind')['says']['args']['d']['mm']);
        self::assertSame(370, self::named($plan, 'layer')[0]['finished']['width']['mm']);
    }

    public function test_two_rails_that_nothing_covers_are_named(): void
    {
        $document = self::bays([[]]);
        $document['pieces'][Sample::PIECE]['methods']['top'] = 'rails';
        $bands = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'];
        $bands[Sample::BOX]['height'] = 700;
        $bare = Planned::of($document);
        self::assertSame(Sample::BOX, $bare->finding('piece.open_topped')['place']['ref']);
        $bands[Sample::id('TOP', 1)] = ['order' => 'c', 'kind' => 'top', 'layers' => 2];
        self::assertNotContains('piece.open_topped', array_column(Planned::of($document)->plan['findings'], 'code'));
        $bands[Sample::id('BOX', 2)] = ['order' => 'd', 'kind' => 'box', 'bays' => [Sample::id('BAY', 9) => ['order' => 'a']]];
        self::assertSame(Sample::id('BOX', 2), Planned::of($document)->finding('piece.open_topped')['place']['ref']);
        $bands[Sample::id('BOX', 3)] = ['order' => 'e', 'kind' => 'gap', 'height' => 400,
            'bays' => [Sample::id('BAY', 8) => ['order' => 'a', 'fill' => ['kind' => 'bed']]]];
        self::assertNotContains('piece.open_topped', array_column(Planned::of($document)->plan['findings'], 'code'));
    }

    public function test_lids_under_another_slab_are_told_and_stay_apart(): void
    {
        $document = self::bays([[], []]);
        $bands = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'];
        $bands[Sample::BOX]['height'] = 500;
        $bands[Sample::id('TOP', 1)] = ['order' => 'c', 'kind' => 'seat', 'lids' => true];
        $plan = Planned::of($document);
        self::assertCount(2, self::named($plan, 'lid'));
        self::assertNotContains('piece.lid_covered', $plan->codes());
        $bands[Sample::id('TOP', 2)] = ['order' => 'd', 'kind' => 'seat', 'lids' => true];
        $plan = Planned::of($document);
        self::assertCount(4, self::named($plan, 'lid'));
        self::assertSame(Sample::id('TOP', 1), $plan->finding('piece.lid_covered')['place']['ref']);
    }

    public function test_a_knee_space_stands_on_the_floor(): void
    {
        $plan = Planned::of(self::bays([[], ['open_floor' => true, 'width' => ['by' => 'fixed', 'value' => 700]], []]));
        // (1800 − 72 − 700)/2 = 514. Base in two: 18 + 514 each. Dividers from the floor: 2300 − 18.
        self::assertSame([532, 532], array_map(fn (array $p): int => $p['finished']['length']['mm'], self::named($plan, 'plinth_front')));
        self::assertSame(2282, self::named($plan, 'divider')[0]['finished']['length']['mm']);
        self::assertSame([514, 514], array_map(fn (array $p): int => $p['finished']['length']['mm'], self::named($plan, 'bottom')));
    }

    public function test_a_run_along_the_left_wall_stops_or_goes_through(): void
    {
        $document = self::bays([['width' => ['by' => 'corner']], []]);
        $runs = &$document['pieces'][Sample::PIECE]['runs'];
        $runs[Sample::id('RVN', 2)] = ['order' => 'b', 'wall' => 'left', 'length' => 1500, 'depth' => 500, 'corner' => 'stops', 'corner_room' => 60,
            'bands' => [Sample::id('BOX', 7) => ['order' => 'a', 'kind' => 'box', 'bays' => [Sample::id('BAY', 7) => ['order' => 'a']]]]];
        $plan = Planned::of($document);
        // The side run begins 350 + 60 out: 1090 long. Behind it the back run's first bay: 500 + 60 − 18 = 542.
        self::assertSame(1090 - 36, self::inBox($plan, 'bottom', 'B')['finished']['length']['mm']);
        self::assertSame(542, $plan->piece()['openings'][Sample::id('BAY', 1)]['mm']);
        $corner = $plan->piece()['cells'][Sample::id('BAY', 7)]['corner'];
        self::assertSame([5, 428], [$corner[0], $corner[1]], 'it stands 5 off the left wall and begins 410 + 18 from the back wall');
        $runs[Sample::id('RVN', 2)]['corner'] = 'through';
        $through = Planned::of($document);
        // Now the back run is 1800 − 560 = 1240 long and the side run 1500.
        self::assertSame(1500 - 36, self::inBox($through, 'bottom', 'B')['finished']['length']['mm']);
        self::assertSame(1240 - 36, self::inBox($through, 'bottom', 'A')['finished']['length']['mm']);
    }

    public function test_each_corner_has_the_depth_of_its_own_run(): void
    {
        $corner = ['width' => ['by' => 'corner'], 'fill' => ['kind' => 'dead_corner']];
        $document = self::bays([$corner, [], $corner]);
        $runs = &$document['pieces'][Sample::PIECE]['runs'];
        foreach (['left' => 500, 'right' => 400] as $wall => $depth) {
            $n = $wall === 'left' ? 2 : 3;
            $runs[Sample::id('RVN', $n)] = ['order' => "b$n", 'wall' => $wall, 'length' => 1500, 'depth' => $depth, 'corner' => 'stops', 'corner_room' => 60,
                'bands' => [Sample::id('BOX', $n) => ['order' => 'a', 'kind' => 'box', 'bays' => [Sample::id('BAY', 10 + $n) => ['order' => 'a']]]]];
        }
        $plan = Planned::of($document);
        // 500 + 60 − 18 and 400 + 60 − 18; a panel of 60 closes each, and a strip of 60 each slot.
        self::assertSame([542, 442], [$plan->piece()['openings'][Sample::id('BAY', 1)]['mm'], $plan->piece()['openings'][Sample::id('BAY', 3)]['mm']]);
        self::assertSame([60, 60], array_map(fn (array $p): int => $p['finished']['width']['mm'], self::named($plan, 'blind')));
        self::assertSame([60, 60], array_map(fn (array $p): int => $p['finished']['width']['mm'], self::named($plan, 'corner_strip')));
    }

    public function test_the_slot_between_two_runs_is_closed_as_far_as_the_doors_let_it(): void
    {
        $document = self::bays([['width' => ['by' => 'corner'], 'fill' => ['kind' => 'dead_corner']], []]);
        $runs = &$document['pieces'][Sample::PIECE]['runs'];
        $runs[Sample::id('RVN', 2)] = ['order' => 'b', 'wall' => 'left', 'length' => 1500, 'depth' => 500, 'corner' => 'stops', 'corner_room' => 60,
            'bands' => [Sample::id('BOX', 7) => ['order' => 'a', 'kind' => 'box', 'height' => 900, 'bays' => [Sample::id('BAY', 7) => ['order' => 'a']]]]];
        // 60 wide; both runs have boxes from 100 to 900 up.
        $strip = self::named(Planned::of($document), 'corner_strip')[0]['finished'];
        self::assertSame([800, 60], [$strip['length']['mm'], $strip['width']['mm']]);
        // The dead corner shows 60 of its front, between bottom and top: 2200 − 36.
        $blind = self::named(Planned::of($document), 'blind')[0]['finished'];
        self::assertSame([2164, 60], [$blind['length']['mm'], $blind['width']['mm']]);
        $bays = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'];
        // Wider by 58: 600 clear after a side of 18 end 618 in, 118 past the front at 500.
        $bays[Sample::id('BAY', 1)]['width'] = ['by' => 'fixed', 'value' => 600];
        self::assertSame(118, self::named(Planned::of($document), 'blind')[0]['finished']['width']['mm']);
        $bays[Sample::id('BAY', 1)]['width'] = ['by' => 'corner'];
        // Hung over the edges the door of the first bay stands out 18: 60 − 18.
        $bays[Sample::id('BAY', 1)]['fill'] = ['kind' => 'open'];
        $bays[Sample::id('BAY', 1)]['door'] = ['kind' => 'hinged', 'leaves' => 1, 'hang' => 'overlay'];
        $strip = self::named(Planned::of($document), 'corner_strip')[0]['finished'];
        self::assertSame(42, $strip['width']['mm']);
        self::assertSame('− 18 piece.stands_out_there', Planned::trail($strip['width'])[1]);
    }

    /** @param  array<string, mixed>  $methods */
    #[DataProvider('schools')]
    public function test_schools_of_building(array $methods, string $part, int|float $length, int|float $width): void
    {
        $document = self::bays([[], []]);
        $document['pieces'][Sample::PIECE]['methods'] = $methods;
        $found = self::named(Planned::of($document), $part)[0]['finished'];
        self::assertSame([$length, $width], [$found['length']['mm'], $found['width']['mm']]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, int|float, int|float}> */
    public static function schools(): iterable
    {
        // Box 2200 × 1800 × 350; between 2164 × 1764.
        yield 'sides stand on the bottom' => [['bottom' => 'under'], 'bottom', 1800, 350];
        yield 'and are shorter' => [['bottom' => 'under'], 'side_left', 2182, 350];
        yield 'let in 6' => [['joint' => 'dado'], 'bottom', 1776, 350];
        yield 'dividers let in at both ends' => [['joint' => 'dado'], 'divider', 2176, 350];
        yield 'back in grooves 6 deep with 1 of play' => [['back' => 'captured'], 'back', 2174, 1774];
        yield 'dividers before nailer and back, both of 18' => [['back' => 'captured'], 'divider', 2164, 314];
        yield 'two rails for a top' => [['top' => 'rails'], 'top_rail_front', 1764, 80];
        yield 'toe of a face frame' => [['front' => 'face_frame'], 'rail_bottom', 1724, 38];
    }

    public function test_methods_are_inherited_and_may_be_overridden_at_each_level(): void
    {
        $shelf = fn (string $id): array => ['fill' => ['kind' => 'shelves', 'shelves' => [$id => ['order' => 'a']]]];
        $document = self::bays([$shelf(Sample::id('SH', 1)), $shelf(Sample::id('SH', 2)) + ['methods' => ['shelves' => 'pins']]]);
        $lengths = array_map(fn (array $p): int => $p['finished']['length']['mm'], self::named(Planned::of($document), 'shelf'));
        self::assertSame([873, 870], $lengths, 'fixed as the project says; on pins where the bay says');
    }

    public function test_bands_in_bays_to_the_fourth_level_and_no_further(): void
    {
        $nest = fn (array $bay): array => ['bands' => [Sample::id('NB', ++self::$n) => ['order' => 'a',
            'kind' => 'box', 'bays' => [Sample::id('NY', self::$n) => ['order' => 'a'] + $bay]],
            Sample::id('NB', ++self::$n) => ['order' => 'b', 'kind' => 'box', 'height' => 100, 'bays' => [Sample::id('NY', self::$n) => ['order' => 'a']]]]];
        $three = $nest($nest($nest([])));
        $plan = Planned::of(self::bays([$three]));
        // 2164 − 18 − 100, three times over: 2046, 1928, 1810.
        self::assertContains(1810, array_map(fn (array $c): int|float => $c['height']['mm'], $plan->piece()['cells']));
        self::assertContains('1·a1·a1·a1', array_column($plan->piece()['cells'], 'label'));
        $this->expectException(DocumentRejected::class);
        ProjectReader::read(self::bays([$nest($three)]));
    }

    private static int $n = 0;

    public function test_schools_are_compared_by_plans_of_their_own(): void
    {
        $document = self::bays([[], []]);
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $schools = array_column(MethodComparison::of($document, Sample::PIECE), 'choices', 'school');
        self::assertSame(['front', 'joint', 'top', 'back', 'edges'], array_keys($schools));
        $front = array_column($schools['front'], null, 'choice');
        self::assertTrue($front['banded']['now']);
        // Banded: two sides of 2200, top and bottom of 1764, a divider of 2164.
        self::assertSame(2 * 2200 + 2 * 1764 + 2164, $front['banded']['totals']['banded']->millimetres());
        // A frame instead: stiles 2200, rails 1724, mullion 2200 − 98.
        self::assertSame([0, 2 * 2200 + 2 * 1724 + 2102],
            [$front['face_frame']['totals']['banded']->millimetres(), $front['face_frame']['totals']['framed']->millimetres()]);
        self::assertGreaterThan($front['banded']['totals']['grams'], array_column($schools['back'], null, 'choice')['applied']['totals']['grams']);
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['door'] = ['kind' => 'hinged',
            'hang' => 'overlay'];
        $doors = array_column(MethodComparison::of($document, Sample::PIECE), 'choices', 'school')['doors'];
        self::assertSame([false, true], array_column($doors, 'now'));
        self::assertSame(['pieces', Sample::PIECE, 'runs', Sample::RUN, 'bands', Sample::BOX, 'bays', Sample::id('BAY', 1), 'door', 'hang'],
            $doors[0]['ops'][0]['path']);
    }

    public function test_mirrored_boards_are_not_merged_where_their_machining_differs(): void
    {
        $document = self::bays([[]]);
        $document['pieces'][Sample::PIECE]['methods'] = ['joint' => 'dado'];
        $parts = array_column(Planned::of($document)->plan['parts'], null, 'label');
        $sides = array_filter($parts, fn (array $p): bool => $p['role'] === 'side');
        self::assertSame(['A1', 'B1'], array_keys($sides), 'left and right sides bear different letters');
    }

    /**
     * @param  list<array<string, mixed>>  $bays
     * @return array<string, mixed>
     */
    public static function bays(array $bays): array
    {
        $document = Sample::width(Sample::empty('mm'), 1, 100, 1810);
        $made = [];
        foreach ($bays as $i => $bay) {
            $made[Sample::id('BAY', $i + 1)] = ['order' => "0$i"] + $bay;
        }
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = $made;

        return $document;
    }

    /**
     * @param  list<array<string, mixed>>  $bays
     * @return list<int|float>
     */
    private static function openings(array $bays): array
    {
        return array_values(array_column(Planned::of(self::bays($bays))->piece()['openings'], 'mm'));
    }

    /** @return list<array<string, mixed>> by its name, or its own name within a band */
    private static function named(Planned $plan, string $name): array
    {
        return array_values(array_filter($plan->plan['parts'],
            fn (array $p): bool => in_array("part.$name", [$p['name']['key'], $p['name']['args']['part']['text']['key'] ?? ''], true)));
    }

    /** @return array<string, mixed> */
    private static function inBox(Planned $plan, string $name, string $box): array
    {
        return array_values(array_filter(self::named($plan, $name), fn (array $p): bool => $p['name']['args']['place']['name'] === $box))[0];
    }
}
