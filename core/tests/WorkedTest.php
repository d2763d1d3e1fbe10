<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

/** Whole pieces worked by hand: sizes and the arithmetic that leads to them. */
final class WorkedTest extends TestCase
{
    public function test_e1_envelope_and_carcass(): void
    {
        $piece = Planned::of(Sample::e1())->piece();
        self::assertSame([
            '1212 fit.least_right',
            '− 9 fit.greatest_left',
            '= 1203 fit.plumb_clear',
            '− 12 fit.set_off_extended_stile_left',
            '− 25 fit.set_off_filler_right',
            '= 1166 fit.carcass_width',
        ], Planned::trail($piece['width']));
        self::assertSame([21, 1187], [$piece['from'], $piece['to']]);
        self::assertTrue($piece['width']['exact']);
    }

    public function test_e1_gaps_and_scribing(): void
    {
        ['left' => $left, 'right' => $right] = Planned::of(Sample::e1())->piece()['edges'];
        self::assertSame([21, 15.5, 12], array_column($left['gaps'], 'gap'));
        self::assertSame([25, 27, 31], array_column($right['gaps'], 'gap'));
        self::assertSame([24, 12], [$left['scribe']['projects']['mm'], $left['scribe']['setting']['mm']]);
        self::assertSame([9, 3.5, 0], array_column($left['scribe']['stations'], 'presented'));
        self::assertSame([3, 8.5, 12], array_column($left['scribe']['stations'], 'removed'));
        self::assertSame(2300, $left['scribe']['touches_at']);
        self::assertSame([34, 9], [$right['scribe']['projects']['mm'], $right['scribe']['setting']['mm']]);
        self::assertSame([0, 2, 6], array_column($right['scribe']['stations'], 'presented'));
        self::assertSame([9, 7, 3], array_column($right['scribe']['stations'], 'removed'));
        self::assertSame(100, $right['scribe']['touches_at']);
    }

    public function test_e1_budget_and_tipping_up(): void
    {
        // Nobody has read a corner: how the sides stand to the back is not known, and that counts in place of tape and level.
        $piece = Planned::of(Sample::e1())->piece();
        self::assertSame(['1166 fit.carcass_width', '+ 1 fit.part_tolerance', '+ 34 fit.survey_doubt', '+ 6 fit.slide_in', '= 1207 fit.needed'],
            Planned::trail($piece['budget']));
        self::assertSame(-4, $piece['spare']);
        // Read all over it is known to ± 2.6, less than tape and level together. The back is 1.1 narrower then than the front.
        $piece = Planned::of(Sample::readAllOver(Sample::e1()))->piece();
        self::assertSame(1201.9, $piece['clear']['mm']);
        self::assertSame([
            '1164.9 fit.carcass_width', '+ 1 fit.part_tolerance', '+ 1.7 fit.tape_limit',
            '+ 1.1 fit.level_limit', '+ 6 fit.slide_in', '= 1174.7 fit.needed',
        ], Planned::trail($piece['budget']));
        self::assertSame(27.2, $piece['spare']);
        self::assertEqualsWithDelta(2227.7, $piece['tilt_up']['mm'], 0.05);
    }

    public function test_e1_parts(): void
    {
        // Two bays of two shelves: 1166 − 3·18 = 1112, ÷ 2 = 556 clear. Height 2200 − 36 = 2164; − 36 = 2128; ÷ 3 = 709.33.
        $plan = Planned::of(Sample::bays(Sample::e1(), [[null, null], [null, null]]));
        self::assertSame([2200, 332], $plan->cut('side_left'), 'a lone stile takes 18 of the left side, which is not banded');
        self::assertSame([2200, 349], $plan->cut('side_right'));
        self::assertSame([1130, 349], $plan->cut('top'));
        self::assertSame([556, 349], $plan->cut('shelf', 3));
        self::assertSame([2164, 349], $plan->cut('divider'));
        self::assertSame([2200, 34], $plan->cut('filler_right'));
        self::assertSame([2200, 42], $plan->cut('lip_left'), '18 + 24: the lone stile covers the side and projects');
        self::assertSame([1166, 100], $plan->cut('plinth_front'));
        self::assertSame([264, 100], $plan->cut('rung'), '350 − 50 − 36');
        self::assertSame([
            '1212 fit.least_right', '− 9 fit.greatest_left', '= 1203 fit.plumb_clear',
            '− 12 fit.set_off_extended_stile_left', '− 25 fit.set_off_filler_right', '= 1166 fit.carcass_width',
            '− 54 piece.sides_and_dividers', '÷ 2 piece.bays', '= 556 piece.clear_opening',
        ], Planned::trail($plan->part('shelf')['cut']['length']));
    }

    public function test_a_niche_narrowest_in_the_middle(): void
    {
        // Widths 900 / 880 / 896 with a plumb left wall: the right wall stands at 900 / 880 / 896.
        // Clear 880, not the 896 or 900 of the ends. Play 5 and 5: carcass 870 from 5 to 875.
        $document = Sample::empty('mm');
        foreach ([[100, 900], [1200, 880], [2300, 896]] as $i => [$z, $mm]) {
            $document = Sample::width($document, $i, $z, $mm);
        }
        $document = Sample::plumb(Sample::plumb($document, 1, 'left', 100, 1200, 0), 2, 'left', 100, 2300, 0);
        $plan = Planned::of($document);
        self::assertSame([880, 870], [$plan->piece()['clear']['mm'], $plan->piece()['width']['mm']]);
        self::assertSame(1200, $plan->piece()['width']['trail'][0]['why']['args']['z']['mm']);
        self::assertSame([25, 5, 21], array_column($plan->piece()['edges']['right']['gaps'], 'gap'));
        self::assertContains('fit.play_wide', $plan->codes(), '25 is more than caulk covers');
        self::assertSame([834, 349], $plan->cut('top'), '870 − 36');
    }

    public function test_a_niche_in_inches_with_ply_at_0_703(): void
    {
        // Widths 34 5/8, 34 7/16, 34 1/2; left wall leans in 1/8 over all; heights in inches, ply 0.703.
        $in = fn (float $inches): float => round($inches * 25.4, 6);
        $document = Sample::empty('in');
        foreach ([[4, 34.625], [40, 34.4375], [76, 34.5]] as $i => [$z, $w]) {
            $document = Sample::width($document, $i, $in($z), $in($w));
        }
        $document = Sample::plumb(Sample::plumb($document, 1, 'left', $in(4), $in(40), 0), 2, 'left', $in(4), $in(76), $in(0.125));
        $piece = &$document['pieces'][Sample::PIECE];
        [$piece['height'], $piece['depth']] = [$in(76), $in(12)];
        $piece['left']['set_off'] = $piece['right']['set_off'] = $in(0.25);
        $document['stock'][Sample::PLY]['thickness'] = $in(0.703);
        $document = Sample::bays($document, [[null], [null]]);
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]['height'] = $in(4);
        $plan = Planned::of($document);
        $inches = fn (int|float $mm): float => Length::fromMillimetres($mm)->units / Length::PER_INCH;
        // Right wall: 34 5/8, 34 7/16, 34 5/8. Clear 34 7/16 − 1/8 = 34 5/16; carcass − 2·1/4 = 33 13/16 = 33.8125.
        self::assertSame([34.3125, 33.8125], array_map($inches, [$plan->piece()['clear']['mm'], $plan->piece()['width']['mm']]));
        // Openings: 33.8125 − 3·0.703 = 31.7035, ÷ 2 = 15.85175. Carcass 72 high: divider 72 − 1.406 = 70.594.
        self::assertSame(15.85175, $inches($plan->part('shelf')['finished']['length']['mm']));
        self::assertSame(70.594, $inches($plan->part('divider')['finished']['length']['mm']));
        self::assertTrue($plan->part('shelf')['finished']['length']['exact']);
        // One shelf in 70.594: 70.594 − 0.703 = 69.891, ÷ 2 = 34.9455.
        $spacing = array_values($plan->piece()['spacings'])[0];
        self::assertSame(34.9455, $inches($spacing['openings'][0]['mm']));
    }

    public function test_chosen_openings_stand_and_the_rest_is_shared(): void
    {
        // 2164 between bottom and top, 3 shelves of 18 leave 2110; 400 chosen leaves 1710 for three: 570 each.
        $plan = Planned::of(Sample::bays(Sample::e1(), [[null, 400, null]]));
        $spacing = array_values($plan->piece()['spacings'])[0];
        self::assertSame([570, 400, 570, 570], array_column($spacing['openings'], 'mm'));
    }

    public function test_a_capping_top_shortens_the_sides_and_spans_them(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['methods'] = ['top' => 'capping'];
        $plan = Planned::of($document);
        self::assertSame([2182, 349], $plan->cut('side_right'));
        self::assertSame([1166, 349], $plan->cut('top'));
        self::assertSame([1130, 349], $plan->cut('bottom'));
    }

    public function test_a_face_frame_an_applied_back_and_pins(): void
    {
        $document = Sample::bays(Sample::e1(), [[null], [null]]);
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $document['pieces'][Sample::PIECE]['methods'] = ['front' => 'face_frame', 'back' => 'applied', 'shelves' => 'pins'];
        $plan = Planned::of($document);
        // Depth 350 − 18 frame − 6 back = 326, nothing banded. Shelf 556 − 2·1.5. Back 1 mm shy all round.
        self::assertSame([2200, 326], $plan->cut('side_left'));
        self::assertSame([553, 326], $plan->cut('shelf'));
        self::assertSame([2198, 1164], $plan->cut('back'));
        // Left stile runs to the wall: 38 + 24. Rails 1166 − 76. Mullion 2200 − 60 − 38.
        self::assertSame([2200, 62], $plan->cut('stile_left'));
        self::assertSame([2200, 38], $plan->cut('stile_right'));
        self::assertSame([1090, 60], $plan->cut('rail_top'));
        self::assertSame([2102, 38], $plan->cut('mullion'));
        self::assertTrue($plan->part('stile_left')['fit_on_site']);
        self::assertNotContains('fit.stile_without_frame', $plan->codes());
    }

    public function test_trim_and_play_and_a_scribed_side(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['left'] = ['kind' => 'scribed_side', 'set_off' => 5];
        $document['pieces'][Sample::PIECE]['right'] = ['kind' => 'trim', 'set_off' => 5];
        $plan = Planned::of($document);
        // Carcass 1193 from 14 to 1207. Left gaps 14 / 8.5 / 5: lip 18 + 14 + 3. Right gaps 5 / 7 / 11: trim 11 + 6.
        self::assertSame(1193, $plan->piece()['width']['mm']);
        self::assertSame([2200, 35], $plan->cut('lip_left'));
        self::assertSame([2200, 17], $plan->cut('trim_right'));
        self::assertTrue($plan->part('trim_right')['bought']);
        self::assertSame([2200, 332], $plan->cut('side_left'), '350 − 18 for the lip, not banded');
    }

    public function test_a_base_on_a_falling_floor_is_shimmed_from_the_high_point(): void
    {
        $document = Sample::reading(Sample::e1(), Sample::id('F', 1), ['kind' => 'level'], 6);
        $piece = Planned::of($document)->piece();
        $shims = array_column($piece['supports'], 'shim_front');
        // Its right edge at 1187 of 1212 stands on 6·1187/1212 = 5.88; the left rung, at 21 + 9 = 30, on 0.15: 5.7 to pack, under the right one nothing.
        self::assertEqualsWithDelta(5.73, $shims[0], 0.07);
        self::assertEqualsWithDelta(0, $shims[count($shims) - 1], 0.25, 'rounded up to whole tenths');
        self::assertEqualsWithDelta($shims[0], $piece['supports'][0]['shim_rear'], 0.3, 'nothing tells that the floor falls to the rear');
    }
}
