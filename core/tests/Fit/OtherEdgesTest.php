<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit;

use Incastro\Core\Fit\Crown;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What is overhead, below and behind; tops that run to three walls. On E1: carcass 1166 wide, 21 to 1187. */
final class OtherEdgesTest extends TestCase
{
    private const TOP = '01J00000000000000000000T0P';

    public function test_edges_nobody_has_read_are_not_there(): void
    {
        self::assertSame(['left', 'right'], array_keys(Planned::of(Sample::e1())->piece()['edges']));
    }

    public function test_a_strip_over_the_top_is_cut_to_a_falling_ceiling(): void
    {
        $document = self::ceiling(2340, 2328, 'filler');
        $plan = Planned::of($document);
        $edge = $plan->piece()['edges']['top'];
        // Ceiling 2340 at the left wall, 2328 at 1209: over the carcass, 21 to 1187, 2339.8 to 2328.2; its top at 2300.
        self::assertEqualsWithDelta(39.8, $edge['greatest'], 0.3);
        self::assertEqualsWithDelta(28.2, $edge['least'], 0.3);
        self::assertEqualsWithDelta($edge['greatest'] + 3, $plan->cut('filler_top')[1], 1e-6);
        self::assertSame(1166, $plan->cut('filler_top')[0]);
        self::assertSame('filler', self::proposed($edge), 'it wanders 11.6: a straight moulding would show it');
    }

    public function test_a_true_ceiling_wants_a_moulding_and_a_far_one_nothing(): void
    {
        $edge = Planned::of(self::ceiling(2322, 2322, null))->piece()['edges']['top'];
        self::assertSame('trim', self::proposed($edge));
        self::assertNull($edge['kind']);
        self::assertSame([], Planned::of(self::ceiling(2500, 2500, null))->piece()['edges']['top']['ways']);
        $plan = Planned::of(self::ceiling(2322, 2322, 'trim'));
        self::assertEqualsWithDelta([1166, 28], $plan->cut('trim_top'), 0.11, '22 of gap and 6 to bear on');
        self::assertTrue($plan->part('trim_top')['bought']);
    }

    public function test_a_moulding_over_the_top_has_its_angles(): void
    {
        // Fieldbook §4: spring 38°, corner 90° → swing 31.6, tilt 33.9.
        $cut = Crown::corner(38.0, 90.0);
        self::assertEqualsWithDelta(31.6, $cut['swing']->degrees, 0.05);
        self::assertEqualsWithDelta(33.9, $cut['tilt']->degrees, 0.05);
        // Spring 45° in a square corner: swing 35.26, tilt 30.
        self::assertEqualsWithDelta(35.264, Crown::corner(45.0, 90.0)['swing']->degrees, 0.001);
        self::assertEqualsWithDelta(30.0, Crown::corner(45.0, 90.0)['tilt']->degrees, 0.001);
        // A straight joint is neither swung nor tilted.
        self::assertEqualsWithDelta(0.0, Crown::corner(38.0, 180.0)['swing']->degrees, 1e-9);
        self::assertEqualsWithDelta(0.0, Crown::corner(38.0, 180.0)['tilt']->degrees, 1e-9);
        $crown = Planned::of(self::ceiling(2322, 2322, 'trim'))->piece()['crown'];
        self::assertSame([38, false, null], [$crown['spring'], $crown['corners'][0]['read'], $crown['turn']]);
    }

    public function test_a_moulding_turns_up_a_slope_by_half_its_turn(): void
    {
        $document = Sample::reading(Sample::e1(), Sample::id('HT', 1), ['kind' => 'height', 'side' => 'left'], 2500);
        $document['pieces'][Sample::PIECE]['top'] = ['kind' => 'trim', 'set_off' => 0];
        $document['spaces'][Sample::SPACE]['slope'] = ['along' => 'run', 'low' => 'right', 'flat' => true];
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('SA', 1)] = ['kind' => 'slope_angle'];
        $document['facts'][Sample::id('TAKE', 91)] = ['kind' => 'take', 'reading' => Sample::id('SA', 1), 'deg' => 35, 'typed' => '35'];
        $crown = Planned::of($document)->piece()['crown'];
        self::assertEqualsWithDelta(35.0, $crown['turn'], 0.1);
        self::assertEqualsWithDelta(17.5, $crown['mitre'], 0.05);
    }

    public function test_a_base_cut_to_the_floor_stands_without_shims(): void
    {
        $document = self::floor(8);
        $before = Planned::of($document);
        self::assertSame('trim', self::proposed($before->piece()['edges']['base']));
        self::assertNotSame([], $before->piece()['supports']);
        $document['pieces'][Sample::PIECE]['base'] = ['kind' => 'scribed', 'set_off' => 0];
        $plan = Planned::of($document);
        // The floor falls 8 over 1209 to the left: 7.7 under the carcass from its right edge to its left one; blank 100 + 7.7 + 3.
        self::assertEqualsWithDelta(110.7, $plan->cut('plinth_front')[1], 0.25);
        self::assertEqualsWithDelta(110.7, $plan->cut('plinth_back')[1], 0.25);
        self::assertTrue($plan->part('plinth_front')['fit_on_site']);
        self::assertSame([], $plan->piece()['supports']);
    }

    public function test_a_shoe_covers_the_gap_under_a_level_base(): void
    {
        $document = self::floor(8);
        $document['pieces'][Sample::PIECE]['base'] = ['kind' => 'trim', 'set_off' => 0];
        $plan = Planned::of($document);
        self::assertEqualsWithDelta(7.8 + 6, $plan->cut('shoe')[1], 0.2);
        self::assertSame(100, $plan->cut('plinth_front')[1], 'the base itself stays as it is');
    }

    public function test_the_shim_table_makes_the_base_level(): void
    {
        // Right 8 higher than left over 1209, front 4 lower than the rear over 350: each support is packed by what is under it there.
        $document = self::floor(8, -4);
        [, $room] = ObstaclesTest::fitted($document);
        $floor = fn (float $x, float $y): float => $room->shape->at(Surface::Floor, $x * 40_000, $y * 40_000);
        self::assertEqualsWithDelta(8 + 4, $floor(1209, 0), 0.2, 'the floor as it is');
        $piece = Planned::of($document)->piece();
        $level = max($floor($piece['to'], 0), $floor($piece['to'], 350));
        foreach ($piece['supports'] as $s) {
            self::assertEqualsWithDelta($level, $floor($s['x'], $s['rear']) + $s['shim_rear'], 0.2);
            self::assertEqualsWithDelta($level, $floor($s['x'], $s['front']) + $s['shim_front'], 0.2);
        }
        self::assertGreaterThan(2, count($piece['supports']));
    }

    public function test_a_top_scribed_on_three_sides(): void
    {
        $plan = Planned::of(self::top());
        $slab = array_values(array_filter($plan->plan['parts'], fn (array $p): bool => $p['id'] === self::TOP.':slab'))[0];
        $edges = $plan->piece()['edges'];
        [$left, $right, $back] = array_map(fn (string $e): array => $edges[self::TOP.":slab/$e"]['scribe'], ['left', 'right', 'back']);
        // Read by hand from the boxes' ends: left 12 at the rear, 15 at the front; right 20 throughout; rear 2 / 6 / 2.
        self::assertSame([18, 6], [$left['projects']['mm'], $left['setting']['mm']], '15 + 3; less 12');
        self::assertSame([23, 3], [$right['projects']['mm'], $right['setting']['mm']]);
        self::assertSame([9, 7], [$back['projects']['mm'], $back['setting']['mm']]);
        // Blank: 1166 + 18 + 23 = 1207 long; 350 + 10 overhang + 9 = 369 deep.
        self::assertSame([1207, 369], [$slab['finished']['length']['mm'], $slab['finished']['width']['mm']]);
        self::assertTrue($slab['fit_on_site']);
        $order = $plan->piece()['orders'][self::TOP.':slab'];
        self::assertSame(['order.lengths_y', 'order.stands_out', 'order.left_of_two', 'order.right', 'order.overhang', 'order.back'],
            array_column($order, 'key'));
        // In its place 1166 + 12 + 20 = 1198 at the rear, 1201 at the front; while its rear is uncut it stands 9 out.
        self::assertEqualsWithDelta(1198, $order[0]['args']['near']['mm'], 0.1);
        self::assertEqualsWithDelta(1201, $order[0]['args']['far']['mm'], 0.1);
        self::assertSame(9, $order[1]['args']['out']['mm']);
        self::assertSame(19, $order[4]['args']['spacer']['mm']);
    }

    public function test_walls_that_close_behind_a_top_take_more_off_its_ends(): void
    {
        // 12 at the rear and 30 at the front over 360: 1 in 20; a rear uncut by 15 + 3 = 18 marks the end 0.9 too long.
        $document = self::top([[0, 12], [360, 30]], [[21, 2], [600, 15], [1187, 2]]);
        $order = Planned::of($document)->piece()['orders'][self::TOP.':slab'];
        $last = $order[count($order) - 1];
        self::assertSame('order.walls_close', $last['key']);
        self::assertEqualsWithDelta(0.9, $last['args']['by']['mm'], 0.02);
    }

    public function test_a_fascia_runs_to_the_walls(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['height'] = 2100;
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][self::TOP] = ['order' => 'z', 'kind' => 'crown', 'height' => 120, 'to_walls' => true];
        $plan = Planned::of($document);
        $edges = $plan->piece()['edges'];
        [$left, $right] = [$edges[self::TOP.':crown/left'], $edges[self::TOP.':crown/right']];
        self::assertSame('z', $left['along']);
        self::assertEqualsWithDelta($plan->piece()['width']['mm'] + $left['greatest'] + $right['greatest'] + 6, $plan->cut('crown')[0], 1e-6);
        self::assertSame('order.lengths_z', $plan->piece()['orders'][self::TOP.':crown'][0]['key']);
    }

    public function test_an_end_panel_in_view_is_scribed_to_the_wall_behind(): void
    {
        // Open at the right: that side is in view. The wall behind is 0 / 4 / 0 off a straightedge over the run at 900 and leans out 6 to 2300.
        $document = self::top();
        $document['spaces'][Sample::SPACE]['right'] = 'open';
        $plan = Planned::of($document);
        $side = $plan->part('side_right');
        $edge = $plan->piece()['edges']["{$side['id']}/back"];
        self::assertSame(['back', 'z', 'scribed'], [$edge['edge'], $edge['along'], $edge['kind']]);
        self::assertTrue($side['fit_on_site']);
        self::assertEqualsWithDelta(350 + $edge['scribe']['projects']['mm'], $side['finished']['width']['mm'], 1e-6);
        self::assertSame(['order.end_panel', 'order.back'], array_column($plan->piece()['orders'][$side['id']], 'key'));
        self::assertSame('template.seen_side', $plan->plan['templates']["{$side['id']}/back"]['seen']['key']);
        self::assertFalse($plan->part('side_left')['fit_on_site'], 'the left one stands behind a filler');
    }

    public function test_a_first_course_on_the_floor_is_cut_to_it(): void
    {
        $document = self::floor(8);
        $bands = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'];
        unset($bands[Sample::PLINTH]);
        $bands[Sample::BOX] = ['order' => 'b', 'kind' => 'gap',
            'bays' => [Sample::id('BAY', 1) => ['order' => 'a', 'fill' => ['kind' => 'panelling', 'laid' => 'level']]]];
        $course = fn (array $d): array => array_values(array_filter(Planned::of($d)->plan['parts'],
            fn (array $p): bool => str_ends_with($p['id'], ':course_1')))[0];
        $before = $course($document)['finished']['width']['mm'];
        $document['pieces'][Sample::PIECE]['base'] = ['kind' => 'scribed', 'set_off' => 0];
        // The floor falls 7.7 under it from right to left, and 3 more to cut from.
        self::assertEqualsWithDelta($before + 10.7, $course($document)['finished']['width']['mm'], 0.3);
    }

    public function test_a_thin_strip_covers_the_gap_behind_a_slab(): void
    {
        $document = self::top();
        $document['pieces'][Sample::PIECE]['back'] = ['kind' => 'trim', 'set_off' => 9];
        $plan = Planned::of($document);
        $cover = $plan->part('cover');
        $gap = $plan->piece()['edges']['back']['greatest'];
        self::assertGreaterThanOrEqual(9, $gap);
        self::assertEqualsWithDelta($gap + 6, $cover['finished']['width']['mm'], 0.3);
        self::assertTrue($cover['bought']);
    }

    public function test_under_a_slope_nothing_but_the_clearance_is_offered_above(): void
    {
        $document = Sample::empty('mm');
        $document['spaces'][Sample::SPACE] = ['kind' => 'under_slope', 'slope' => ['along' => 'depth', 'low' => 'back', 'flat' => false]]
            + $document['spaces'][Sample::SPACE];
        $document = Sample::plumb(Sample::width(Sample::width($document, 1, 100, 1200), 2, 900, 1200), 1, 'left', 100, 900, 0);
        foreach ([[50, 940], [750, 1420]] as $i => [$y, $mm]) {
            $document = Sample::reading($document, Sample::id('H', $i), ['kind' => 'height', 'x' => 600, 'y' => $y], $mm);
        }
        $document['pieces'][Sample::PIECE]['height'] = 1700;
        self::assertSame(['play'], array_column(Planned::of($document)->piece()['edges']['top']['ways'], 'kind'));
    }

    public function test_beside_an_appliance_air_is_proposed_whatever_its_width(): void
    {
        $document = Sample::e1();
        $document['spaces'][Sample::SPACE]['right'] = 'appliance';
        self::assertSame('play', self::proposed(Planned::of($document)->piece()['edges']['right']));
    }

    public function test_a_piece_beside_another_has_its_gap_to_that(): void
    {
        // Both stand from the left: this one 12 off it and 600 wide, ending at 621 (9 + 12 + 600); the other from 625.
        $document = Sample::e1();
        [$document['pieces'][Sample::PIECE]['width'], $document['pieces'][Sample::PIECE]['stand']] = [600, ['from' => 'left', 'at' => 12]];
        $document['pieces'][Sample::PIECE]['right'] = ['kind' => 'play', 'set_off' => 5];
        $alone = Planned::of($document)->piece()['edges']['right'];
        self::assertGreaterThan(580, $alone['least'], 'to the wall');
        $document['pieces'][Sample::id('P1EC', 2)] = ['name' => 'Other', 'width' => 400,
            'stand' => ['from' => 'left', 'at' => 616], 'left' => ['kind' => 'play', 'set_off' => 0],
            'runs' => [Sample::id('RVN', 2) => ['order' => 'a',
                'bands' => [Sample::id('BND', 7) => ['order' => 'a', 'kind' => 'box', 'bays' => [Sample::id('BAY', 7) => ['order' => 'a']]]]]]]
                + $document['pieces'][Sample::PIECE];
        $right = Planned::of($document)->piece()['edges']['right'];
        self::assertSame([4, 4], [$right['least'], $right['greatest']]);
        self::assertSame('play', self::proposed($right));
        self::assertSame('way.because.neighbour.play',
            array_values(array_filter($right['ways'], fn (array $w): bool => $w['because'] !== null))[0]['because']['key']);
    }

    public function test_trim_bears_on_the_carcass_and_ends_where_the_widest_gap_does(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['right'] = ['kind' => 'trim', 'set_off' => 5];
        $plan = Planned::of($document);
        $trim = array_values(array_filter($plan->plan['solids'][Sample::PIECE]['parts'], fn (array $s): bool => str_ends_with($s['part'], ':trim_right')))[0];
        $across = array_column($trim['outline'], 0);
        // Set off 5 the gaps run to 11: from 6 on the carcass to 11 past it, and no further into the wall.
        self::assertEqualsWithDelta([$plan->piece()['to'] - 6, $plan->piece()['to'] + 11], [min($across), max($across)], 1e-6);
    }

    public function test_an_edge_takes_only_its_own_ways(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['base'] = ['kind' => 'extended_stile', 'set_off' => 0];
        $this->expectException(\Incastro\Core\Document\Reading\DocumentRejected::class);
        Planned::of($document);
    }

    public function test_air_behind_moves_the_piece_out(): void
    {
        $document = self::top();
        $y = fn (array $d): int|float => min(array_map(fn (array $s): int|float => $s['part'] === self::TOP.':slab' ? min(array_column($s['outline'], 1)) : 999,
            Planned::of($d)->plan['solids'][Sample::PIECE]['parts']));
        $before = $y($document);
        $document['pieces'][Sample::PIECE]['back']['set_off'] = 10;
        self::assertEqualsWithDelta(10, $y($document) - $before, 1e-6);
    }

    /**
     * A top over the box of E1, its ends and rear read by hand from the boxes.
     *
     * @param  list<array{int|float, int|float}>  $left
     * @param  list<array{int|float, int|float}>  $back
     * @return array<string, mixed>
     */
    private static function top(array $left = [[0, 12], [180, 13.5], [360, 15]], array $back = [[0, 2], [21, 2], [600, 6], [1187, 2], [1215, 2]]): array
    {
        $document = Sample::reading(Sample::e1(), Sample::id('GP', 1),
            ['kind' => 'gap', 'face' => 'back', 'along' => 'run', 'edge' => 'e', 'x' => 100, 'z' => 900], 0);
        $document = Sample::reading($document, Sample::id('GP', 2),
            ['kind' => 'gap', 'face' => 'back', 'along' => 'run', 'edge' => 'e', 'x' => 1100, 'z' => 900], 0);
        $piece = &$document['pieces'][Sample::PIECE];
        $piece['back'] = ['kind' => 'scribed', 'set_off' => 0];
        $piece['runs'][Sample::RUN]['bands'][self::TOP] = ['order' => 'z', 'kind' => 'top', 'overhang' => 10, 'to_walls' => true];
        $piece['width'] = 1166;
        $piece['stand'] = ['from' => 'left', 'at' => 12];
        foreach (['left' => $left, 'right' => [[0, 20], [360, 20]], 'back' => $back] as $edge => $gaps) {
            $piece['offsets'][Sample::id('QFF', count($piece['offsets'] ?? []) + 1)] = ScribingTest::record('straightedge',
                null, $gaps, self::TOP.":slab/$edge");
        }

        return $document;
    }

    /** @return array<string, mixed> E1 with a ceiling of these heights at its walls, and the top closed so */
    private static function ceiling(int $left, int $right, ?string $kind): array
    {
        $document = Sample::reading(Sample::e1(), Sample::id('F', 1), ['kind' => 'level'], 0);
        $document = Sample::reading($document, Sample::id('HT', 1), ['kind' => 'height', 'side' => 'left'], $left);
        $document = Sample::reading($document, Sample::id('HT', 2), ['kind' => 'height', 'side' => 'right'], $right);
        if ($kind !== null) {
            $document['pieces'][Sample::PIECE]['top'] = ['kind' => $kind, 'set_off' => 0];
        }

        return $document;
    }

    /** @return array<string, mixed> E1, 350 deep, on a floor that rises so much to the right and so much to the front, read on all four sides */
    private static function floor(int $rise, int $out = 0): array
    {
        $document = Sample::reading(Sample::e1(), Sample::id('DPH', 1), ['kind' => 'depth', 'side' => 'left'], 350);
        foreach (['front', 'back'] as $plane) {
            $document = Sample::reading($document, Sample::id('F', $plane === 'front' ? 1 : 2), ['kind' => 'level', 'plane' => $plane], $rise);
        }
        foreach (['left', 'right'] as $side) {
            $document = Sample::reading($document, Sample::id('LV', $side === 'left' ? 1 : 2),
                ['kind' => 'level', 'face' => 'floor', 'along' => 'depth', 'side' => $side], $out);
        }

        return $document;
    }

    /** @param  array<string, mixed>  $edge */
    private static function proposed(array $edge): ?string
    {
        return array_values(array_filter($edge['ways'], fn (array $w): bool => $w['because'] !== null))[0]['kind'] ?? null;
    }
}
