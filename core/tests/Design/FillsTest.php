<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Incastro\Core\Design\Fills\Panelling;
use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What bays hold, by hand, in one box: 1000 wide outside, 1936 high, 400 deep, boards of 18; so a bay of 964 × 1900 × 400 from
 * z 118 (plinth 100 and the bottom) to 2018.
 */
final class FillsTest extends TestCase
{
    public function test_cubbies_share_out_both_ways(): void
    {
        // (964 − 2 · 18)/3 = 309.33; (1900 − 3 · 18)/4 = 461.5.
        $plan = Planned::of(self::bay(['kind' => 'cubbies', 'columns' => 3, 'rows' => 4]));
        self::assertCount(2, self::named($plan, 'cubby_post'));
        self::assertCount(9, self::named($plan, 'cubby_shelf'));
        self::assertEqualsWithDelta(309.33, self::named($plan, 'cubby_shelf')[0]['finished']['length']['mm'], 0.01);
        self::assertSame(1900, self::named($plan, 'cubby_post')[0]['finished']['length']['mm']);
    }

    public function test_drawers_on_slides(): void
    {
        // Inset: (1900 − 4 · 3)/3 = 629.33. Box 964 − 25.4 = 938.6. Behind the front 400 − 18 − 18 − 10 = 354: slides of 350.
        $plan = Planned::of(self::bay(['kind' => 'drawers', 'count' => 3]));
        $front = self::named($plan, 'drawer_front');
        self::assertCount(3, $front);
        self::assertSame(958, $front[0]['finished']['length']['mm']);
        self::assertEqualsWithDelta(629.33, $front[0]['finished']['width']['mm'], 0.01);
        self::assertSame([350, 902.6],
            [self::named($plan, 'box_side_left')[0]['finished']['length']['mm'], self::named($plan, 'box_front')[0]['finished']['length']['mm']]);
        self::assertSame([['mm' => 350, 'n' => 3]], self::hardware($plan, 'slide_pair'));
        // Deeper below: 1888 shared 4 : 3 : 2.
        $deeper = array_column(array_column(array_column(self::named(Planned::of(self::bay(['kind' => 'drawers', 'count' => 3, 'heights' => 'deeper_below'])),
            'drawer_front'), 'finished'), 'width'), 'mm');
        self::assertEqualsWithDelta(839.11, $deeper[0], 0.01);
        self::assertEqualsWithDelta(1888, array_sum($deeper), 0.001);
    }

    public function test_a_drawer_behind_a_door_that_opens_85_says_why_on_the_spot(): void
    {
        $drawers = ['kind' => 'drawers', 'count' => 2];
        $plan = Planned::of(self::bay($drawers, ['door' => ['kind' => 'hinged', 'opens' => 85]]));
        self::assertSame(85, $plan->finding('piece.drawer_behind_door')['says']['args']['opens']['count']);
        self::assertSame(Sample::id('BAY', 1), $plan->finding('piece.drawer_behind_door')['place']['ref']);
        self::assertCount(0, self::named($plan, 'drawer_front'));
        self::assertNotContains('piece.drawer_behind_door',
            Planned::of(self::bay($drawers, ['door' => ['kind' => 'hinged', 'opens' => 95]]))->codes(), 'exactly enough');
    }

    public function test_a_fire_below_its_bay_and_a_door_before_it_say_why(): void
    {
        // The bay begins 118 up.
        $fire = ['kind' => 'surround', 'fire_width' => 600, 'fire_height' => 400, 'fire_depth' => 100, 'fire_at' => 100];
        $plan = Planned::of(self::bay($fire));
        self::assertSame(18, $plan->finding('piece.surround_low')['says']['args']['by']['mm']);
        self::assertCount(0, self::named($plan, 'surround_face'));
        $closed = Planned::of(self::bay(['fire_at' => 300] + $fire, ['door' => ['kind' => 'picture']]));
        self::assertContains('piece.two_fronts', $closed->codes());
        self::assertCount(0, self::named($closed, 'picture_front'));
        self::assertNotContains('piece.surround_low', $closed->codes());
    }

    public function test_a_low_bed_has_a_guard_and_rungs_as_far_as_there_is_room(): void
    {
        // The bay begins at 118: rail to 311, a ledger of 123 and slats of 18 to 259, mattress 100 to 359. Guard 90 over that.
        $bed = ['kind' => 'bed', 'mattress_width' => 500, 'mattress_length' => 1000, 'lies' => 'across', 'mattress_height' => 100];
        $plan = function (array $also) use ($bed): Planned {
            $document = self::bay($also + $bed);
            $document['pieces'][Sample::PIECE]['depth'] = 1100;

            return Planned::of($document);
        };
        $guard = self::named($plan(['guard' => 90]), 'guard');
        self::assertSame([90], array_map(fn (array $p): int => $p['finished']['width']['mm'], $guard));
        // 20 over the mattress ends at 379: 68 over the rail.
        $low = self::named($plan(['guard' => 20]), 'guard');
        self::assertSame([68], array_map(fn (array $p): int => $p['finished']['width']['mm'], $low));
        // Of a box 1100 deep the mattress takes 1010 and the rail 18: a ladder of 90 needs 1118.
        self::assertSame(18, $plan(['rungs' => 1])->finding('piece.rungs_deep')['says']['args']['by']['mm']);
        // With 1200 it stands on the bottom; the deck is 259 − 118 = 141 over it, too low for rungs.
        $deeper = fn (int $rungs): Planned => Planned::of(array_replace_recursive(self::bay(['rungs' => $rungs] + $bed),
            ['pieces' => [Sample::PIECE => ['depth' => 1200]]]));
        self::assertSame(70.5, $deeper(1)->finding('piece.rungs_close')['measured']);
        self::assertCount(0, self::named($deeper(1), 'bed_rung'));
    }

    /** The mattress out, each opening from the rail up is closed, or fingers pass and no head does: 25 to 75. */
    public function test_no_head_goes_through_a_guard(): void
    {
        $most = 0.0;
        foreach ([60, 120, 200, 260] as $mattress) {
            foreach ([40, 90, 127, 160, 250, 330] as $wanted) {
                $document = self::bay(['kind' => 'bed', 'mattress_width' => 500, 'mattress_length' => 1000, 'lies' => 'across',
                    'mattress_height' => $mattress, 'guard' => $wanted]);
                $document['pieces'][Sample::PIECE]['depth'] = 1100;
                $guards = self::guards($document);
                // The deck is 259 up, the rail ends at 311.
                self::assertEqualsWithDelta(259 + $mattress + $wanted, $guards === [] ? 311 : $guards[0][1], $guards === [] ? 20 : 0.001);
                $below = 311.0;
                foreach (array_reverse($guards) as $guard) {
                    [$from, $to] = $guard;
                    $open = $from - $below;
                    self::assertTrue(abs($open) < 0.001 || ($open > 24.999 && $open < 75.001), "$open of $mattress and $wanted");
                    [$below, $most] = [$to, max($most, $open)];
                }
            }
        }
        self::assertGreaterThan(60.0, $most, 'an opening is not closed where it need not be');
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array{float, float}> how high over the floor each begins and ends, the highest first
     */
    private static function guards(array $document): array
    {
        $panels = array_filter(array_values((new Planning($document))->pieces())[0]->fit->panels, fn (Panel $p): bool => str_contains($p->id, ':guard_'));

        return array_values(array_map(fn (Panel $p): array => [(float) $p->block->from(Axis::Z)->millimetres(), (float) $p->block->to(Axis::Z)->millimetres()],
            $panels));
    }

    public function test_shelves_of_a_pull_out_that_have_no_room_say_so(): void
    {
        // In 1900 six shelves have room; in a stretch of 200 they have not, and the rack is made without them.
        $rack = ['kind' => 'pull_out', 'shelves' => 6];
        self::assertCount(6, self::named(Planned::of(self::bay($rack)), 'pull_shelf'));
        $inner = ['bands' => [Sample::id('BND', 1) => ['order' => 'a', 'kind' => 'box',
            'height' => 200, 'bays' => [Sample::id('BAY', 5) => ['order' => 'a', 'fill' => ['on' => 'slides'] + $rack]]],
            Sample::id('BND', 2) => ['order' => 'b', 'kind' => 'gap']]];
        $plan = Planned::of(self::bay(['kind' => 'open'], $inner));
        // 200 − 15 − 18 − 10 = 157 high; 7 · 40 + 6 · 18 = 388 wanted.
        self::assertSame(231, $plan->finding('piece.shelves_do_not_fit')['says']['args']['by']['mm']);
        self::assertCount(0, self::named($plan, 'pull_shelf'));
        self::assertCount(1, self::named($plan, 'pull_post'));
        // Slides want something upright: a rail on each side of the base, 100 high; 350 long in 400 less post, front and the last 10.
        self::assertSame([100, 100], [self::named($plan, 'pull_rail_left')[0]['finished']['width']['mm'],
            self::named($plan, 'pull_rail_right')[0]['finished']['width']['mm']]);
        $slides = array_values(array_filter($plan->piece()['hardware'], fn (array $h): bool => $h['name']['key'] === 'hardware.heavy_slide_pair'));
        self::assertSame(350, $slides[0]['length']);
    }

    /** On a bottom a castor would drop off the front edge: the lowest bay is left open to the floor, over another box it is a stop. */
    public function test_what_rolls_stands_on_the_floor(): void
    {
        $rolling = [['kind' => 'pull_out'], ['kind' => 'caddy'], ['kind' => 'drawers', 'count' => 1, 'on' => 'castors']];
        foreach ($rolling as $fill) {
            $plan = Planned::of(self::bay($fill));
            self::assertSame([], array_intersect(['piece.castors_drop', 'piece.castors_over_rail'], $plan->codes()), $fill['kind']);
            self::assertSame([], self::named($plan, 'bottom'), $fill['kind']);
            $inner = ['bands' => [Sample::id('BND', 1) => ['order' => 'a', 'kind' => 'box',
                'bays' => [Sample::id('BAY', 5) => ['order' => 'a', 'fill' => $fill]]]]];
            self::assertContains('piece.castors_drop', Planned::of(self::bay(['kind' => 'open'], $inner))->codes(), $fill['kind']);
        }
        self::assertNotSame([], self::named(Planned::of(self::bay(['kind' => 'drawers', 'count' => 1])), 'bottom'));
        // A drawer that rolls stands on a base as thick as its sides, not on a thin bottom: sixteen screws hold its castors.
        $drawer = Planned::of(self::bay($rolling[2]));
        self::assertSame([1, 0], [count(self::named($drawer, 'box_base')), count(self::named($drawer, 'box_bottom'))]);
        $screws = array_values(array_filter($drawer->plan['buy']['lines'], fn (array $l): bool => $l['name']['key'] === 'buy.plate_screw'));
        self::assertSame([16, 16], [$screws[0]['need']['value'], $screws[0]['name']['args']['length']['mm']]);
    }

    public function test_a_bin_that_does_not_pass_the_frame_says_by_how_much(): void
    {
        // Between banded edges 964 − 6 = 958 for bin + 2 · 18 + 10: 912 just passes. A frame leaves 924 − 6 = 918: 872 passes.
        $bin = ['kind' => 'tilt_bin', 'bin_width' => 800];
        self::assertNotContains('piece.bin_does_not_pass', Planned::of(self::bay($bin))->codes());
        $document = self::bay(['kind' => 'tilt_bin', 'bin_width' => 800]);
        $document['pieces'][Sample::PIECE]['width'] = 880;
        $document['pieces'][Sample::PIECE]['methods'] = ['front' => 'face_frame'];
        // 880 − 76 = 804, less 6 = 798, against 800 + 46.
        self::assertSame(48, Planned::of($document)->finding('piece.bin_does_not_pass')['says']['args']['by']['mm']);
    }

    public function test_a_tilting_bin_swings_about_its_hinge(): void
    {
        // Bin 250 deep, 450 high on boards of 18: r = √(268² + 468²) = 539.3 at 60.2°; tipped 25° its corner is 537.4 up. Needs 10 more.
        $document = self::bay(['kind' => 'tilt_bin']);
        $document['pieces'][Sample::PIECE]['height'] = 100 + 36 + 548;
        self::assertNotContains('piece.bin_swings_high', Planned::of($document)->codes());
        $document['pieces'][Sample::PIECE]['height'] = 100 + 36 + 547;
        self::assertEqualsWithDelta(547.4, Planned::of($document)->finding('piece.bin_swings_high')['limit'], 0.1);
    }

    public function test_shelves_follow_what_is_to_be_stored(): void
    {
        // Baskets 300 × 350 × 240, six, weekly: 3 abreast, one deep: two rows of 240 + 30. Books 24 × 210 × 300, 30, daily:
        // 720 wide: one row of 330. Boxes 450 × 380 × 400, two of 12 kg: one row of 430, heavy: lowest.
        $document = self::bay(['kind' => 'stored']);
        $bay = Sample::id('BAY', 1);
        $document['stored'] = [
            Sample::id('ST', 1) => ['name' => 'Baskets', 'width' => 300, 'depth' => 350,
                'height' => 240, 'kg' => 2, 'count' => 6, 'often' => 'weekly', 'bay' => $bay],
            Sample::id('ST', 2) => ['name' => 'Books', 'width' => 24, 'depth' => 210,
                'height' => 300, 'kg' => 0.6, 'count' => 30, 'often' => 'daily', 'bay' => $bay],
            Sample::id('ST', 3) => ['name' => 'Boxes', 'width' => 450, 'depth' => 380,
                'height' => 400, 'kg' => 12, 'count' => 2, 'often' => 'seldom', 'bay' => $bay],
        ];
        $plan = Planned::of($document);
        $openings = array_column(array_values($plan->piece()['spacings'])[0]['openings'], 'mm');
        // 430 + 270 + 270 + what is left: 1900 − 3 · 18 − 970 = 876 for the books.
        self::assertSame([430, 270, 270, 876], $openings);
        self::assertCount(3, self::named($plan, 'shelf'));
        $document['stored'][Sample::id('ST', 1)]['count'] = 24;
        self::assertContains('piece.things_do_not_fit', Planned::of($document)->codes());
        $document['stored'][Sample::id('ST', 2)]['width'] = 1000;
        self::assertContains('piece.thing_too_wide', Planned::of($document)->codes());
        self::assertContains('piece.nothing_to_store', Planned::of(self::bay(['kind' => 'stored']))->codes());
    }

    public function test_hooks_are_staggered_and_within_reach(): void
    {
        // 964 − 100 = 864 at 150: 5 steps, 6 hooks; the staggered row 5.
        $plan = Planned::of(self::bay(['kind' => 'hooks', 'rows' => 2, 'top_at' => 1650, 'between' => 350, 'pitch' => 150]));
        self::assertSame(6 + 5, self::hardware($plan, 'hook')[0]['n']);
        self::assertNotContains('piece.hooks_high', $plan->codes());
        self::assertContains('piece.hooks_high', Planned::of(self::bay(['kind' => 'hooks', 'rows' => 1, 'top_at' => 1950]))->codes());
    }

    public function test_openings_in_a_board_leave_equal_strips(): void
    {
        // (964 − 3 · 220)/4 = 76.
        $plan = Planned::of(self::bay(['kind' => 'bin_top', 'openings' => 3, 'across' => 220, 'at' => 600]));
        $taken = self::named($plan, 'bin_top')[0]['taken'];
        // At full size each is a circle of 220 about the middle of its square: 76 + 110 along, 90 + 110 across.
        $board = array_values(array_filter($plan->plan['parts'],
            fn (array $p): bool => array_column($p['taken'], 'kind') === array_fill(0, 3, 'round_cut_out')))[0];
        $circles = array_values(array_filter(array_column($plan->plan['templates'][$board['id']]['lines'], 'circle')));
        self::assertSame([110, 110, 110], array_column($circles, 'radius'));
        self::assertEqualsWithDelta([[186, 200], [482, 200], [778, 200]], array_column($circles, 'at'), 1e-6);
        self::assertSame([['round_cut_out', 76], ['round_cut_out', 372], ['round_cut_out', 668]],
            array_map(fn (array $t): array => [$t['kind'], $t['along']], $taken));
        self::assertSame([90, 90, 90], array_column($taken, 'across'), '(400 − 220)/2');
        self::assertContains('piece.strip_thin',
            Planned::of(self::bay(['kind' => 'bin_top', 'openings' => 3, 'across' => 270, 'at' => 600]))->codes(), '(964 − 810)/4 = 38.5');
    }

    public function test_a_bought_box_gets_fillers_and_wants_measuring(): void
    {
        // 964 − 800 = 164: 82 each side; over it 1900 − 40 − 1600 = 260.
        $box = ['kind' => 'bought_box', 'catalogue_width' => 400, 'catalogue_height' => 1600,
            'catalogue_depth' => 300, 'count' => 2, 'back_set_in' => 12, 'base' => 40];
        $plan = Planned::of(self::bay($box));
        self::assertSame(82, self::named($plan, 'box_filler_left')[0]['finished']['width']['mm']);
        self::assertSame(260, self::named($plan, 'box_filler_top')[0]['finished']['width']['mm']);
        self::assertSame(40, self::named($plan, 'box_base_front')[0]['finished']['width']['mm']);
        self::assertSame(4, self::hardware($plan, 'box_joiner')[0]['n']);
        self::assertContains('piece.box_unmeasured', $plan->codes());
        $measured = Planned::of(self::bay($box + ['width' => 403, 'height' => 1598, 'depth' => 302]));
        self::assertNotContains('piece.box_unmeasured', $measured->codes());
        self::assertSame(79, self::named($measured, 'box_filler_left')[0]['finished']['width']['mm'], '(964 − 806)/2');
        // A bay that takes its width from the box: 806 + 2 · 2.
        $document = self::bay($box + ['width' => 403, 'height' => 1598, 'depth' => 302], ['width' => ['by' => 'box']]);
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 2)] = ['order' => 'z'];
        self::assertSame(810, Planned::of($document)->piece()['openings'][Sample::id('BAY', 1)]['mm']);
    }

    /** @param  list<int|float>  $expected */
    #[DataProvider('walls')]
    public function test_panelling_never_ends_with_less_than_a_third_of_a_board(int $whole, int $cover, array $expected): void
    {
        self::assertSame($expected,
            array_map(fn (Length $l): int|float => $l->millimetres(), Panelling::courses(Length::fromMillimetres($whole), Length::fromMillimetres($cover))));
    }

    /** @return iterable<string, array{int, int, list<int|float>}> */
    public static function walls(): iterable
    {
        yield 'even' => [300, 100, [100, 100, 100]];
        yield 'half a board left' => [350, 100, [100, 100, 100, 50]];
        yield 'too little left: both ends share' => [320, 100, [60, 100, 100, 60]];
        yield 'less than a board' => [70, 100, [70]];
    }

    public function test_a_desk_and_its_knee_space(): void
    {
        // From the floor to 740, one board: underside 722; from the bottom at 118: 604 for the knees, 16 too little.
        $plan = Planned::of(self::bay(['kind' => 'desk', 'at' => 740]));
        self::assertSame(604, $plan->finding('piece.knee_high')['measured']);
        self::assertSame(382, self::named($plan, 'desk_cleat_left')[0]['finished']['length']['mm'], '400 − 18 for the rail behind');
        $open = Planned::of(self::bay(['kind' => 'desk', 'at' => 740], ['open_floor' => true]));
        self::assertNotContains('piece.knee_high', $open->codes(), 'down to the floor there are 722');
    }

    public function test_a_rack_for_a_narrow_gap_and_a_screen_and_an_appliance(): void
    {
        self::assertContains('piece.screen_wide', Planned::of(self::bay(['kind' => 'screen', 'width' => 925]))->codes(), '925 + 40 > 964');
        self::assertNotContains('piece.screen_wide', Planned::of(self::bay(['kind' => 'screen', 'width' => 924]))->codes());
        self::assertContains('piece.appliance_deep', Planned::of(self::bay(['kind' => 'appliance', 'depth' => 391]))->codes(), '391 + 10 > 400');
        self::assertNotContains('piece.appliance_deep', Planned::of(self::bay(['kind' => 'appliance', 'depth' => 390]))->codes());
        $rack = Planned::of(self::bay(['kind' => 'caddy', 'shelves' => 4]));
        // A sheet of 6 on one side keeps it from racking: 964 − 2 · 12 − 6; behind it a rail of 18 holds the
        // uprights: 400 − 18 − 2 · 18.
        self::assertSame([934, 346],
            [self::named($rack, 'caddy_shelf')[0]['finished']['width']['mm'], self::named($rack, 'caddy_shelf')[0]['finished']['length']['mm']]);
    }

    public function test_sliding_doors(): void
    {
        // Two leaves over 964 with 25 of overlap: 494.5; height 1900 + 12 − 1 = 1911; grooves of 19.
        $plan = Planned::of(self::bay(['kind' => 'open'], ['door' => ['kind' => 'sliding']]));
        self::assertSame([1911, 494.5], [self::named($plan, 'door')[0]['finished']['length']['mm'], self::named($plan, 'door')[0]['finished']['width']['mm']]);
        $grooves = array_values(array_filter($plan->part('bottom')['taken'], fn (array $t): bool => $t['kind'] === 'groove'));
        self::assertSame([[19, 6], [19, 6]], array_map(fn (array $t): array => [$t['width'], $t['depth']], $grooves));
        self::assertContains('piece.sliding_falls_out',
            Planned::of(self::bay(['kind' => 'open'], ['door' => ['kind' => 'sliding', 'groove_upper' => 10, 'groove_lower' => 6]]))->codes(),
            '10 − 6 − 1 = 3');
    }

    public function test_an_overlay_wider_than_a_shared_board_gives_is_cut_down(): void
    {
        $document = self::bay(['kind' => 'open'], ['door' => ['kind' => 'hinged', 'hang' => 'overlay', 'overlay' => 12]]);
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 2)] = ['order' => 'z'];
        // Openings 473; outer 12, shared (18 − 2.5)/2 = 7.75: 492.75.
        $plan = Planned::of($document);
        self::assertSame(7.75, $plan->finding('piece.overlay_too_wide')['limit']);
        self::assertSame(492.75, $plan->part('door_hinged_left')['finished']['width']['mm']);
    }

    /**
     * @param  array<string, mixed>  $fill
     * @param  array<string, mixed>  $also
     * @return array<string, mixed>
     */
    public static function bay(array $fill, array $also = []): array
    {
        $document = Sample::width(Sample::empty('mm'), 1, 100, 1010);
        $document['pieces'][Sample::PIECE] = ['height' => 2036, 'depth' => 400, 'back_material' => Sample::BACK] + $document['pieces'][Sample::PIECE];
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = [Sample::id('BAY', 1) => ['order' => 'a', 'fill' => $fill]
            + $also];

        return $document;
    }

    /** @return list<array<string, mixed>> */
    private static function named(Planned $plan, string $name): array
    {
        return array_values(array_filter($plan->plan['parts'], fn (array $p): bool => $p['name']['key'] === "part.$name"));
    }

    /** @return list<array{mm: int|float|null, n: int}> */
    private static function hardware(Planned $plan, string $name): array
    {
        $lines = array_filter($plan->piece()['hardware'], fn (array $h): bool => $h['name']['key'] === "hardware.$name");

        return array_values(array_map(fn (array $h): array => ['mm' => $h['length'], 'n' => $h['count']], $lines));
    }
}
