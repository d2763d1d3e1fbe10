<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Whole pieces in crooked places, worked by hand: mm, rounded to 0.1. */
final class WorkedFitTest extends TestCase
{
    public function test_two_leaning_walls_a_scribed_side_and_a_filler(): void
    {
        // Widths 1000 at 100 / 1100 / 2100; the left wall leans in 0 / 6 / 10, so the right one leans out: 1000 / 1006 / 1010.
        // Clear 1000 − 10 = 990. 5 behind the lip, 30 for the filler: carcass 955, from 15 to 970. Left gaps 15 / 9 / 5, right 30 / 36 / 40.
        $document = Sample::empty('mm');
        foreach ([100, 1100, 2100] as $i => $z) {
            $document = Sample::width($document, $i, $z, 1000);
        }
        $document = Sample::plumb(Sample::plumb($document, 1, 'left', 100, 1100, 6), 2, 'left', 100, 2100, 10);
        $piece = &$document['pieces'][Sample::PIECE];
        $piece['height'] = 2100;
        [$piece['left'], $piece['right']] = [['kind' => 'scribed_side', 'set_off' => 5], ['kind' => 'filler', 'set_off' => 30]];
        $plan = Planned::of($document);
        self::assertSame([955, 15, 970], [$plan->piece()['width']['mm'], $plan->piece()['from'], $plan->piece()['to']]);
        ['left' => $left, 'right' => $right] = $plan->piece()['edges'];
        self::assertSame([[15, 9, 5], [30, 36, 40]], [array_column($left['gaps'], 'gap'), array_column($right['gaps'], 'gap')]);
        // Lip: 15 + 3 = 18 past the side of 18: 36 wide. It touches at the head and travels 18 − 5 = 13; off it 3 / 9 / 13.
        self::assertSame([2000, 36], $plan->cut('lip_left'));
        self::assertSame([13, 2100, [3, 9, 13]],
            [$left['scribe']['setting']['mm'], $left['scribe']['touches_at'], array_column($left['scribe']['stations'], 'removed')]);
        // Filler: 40 + 3 = 43. It touches at the foot and travels 43 − 30 = 13; off it 13 / 7 / 3.
        self::assertSame([2000, 43], $plan->cut('filler_right'));
        self::assertSame([13, 100, [13, 7, 3]],
            [$right['scribe']['setting']['mm'], $right['scribe']['touches_at'], array_column($right['scribe']['stations'], 'removed')]);
        self::assertSame([5, 30], [$left['scribe']['narrowest'], $right['scribe']['narrowest']]);
        self::assertNull($left['scribe']['steep']);
    }

    public function test_e2_back_shelf_and_bevels_under_a_slope_along_the_depth(): void
    {
        $document = Sample::empty('mm');
        $document['spaces'][Sample::SPACE] = ['kind' => 'under_slope', 'slope' => ['along' => 'depth', 'low' => 'back', 'flat' => false]]
            + $document['spaces'][Sample::SPACE];
        $document = self::straight($document, 1200);
        foreach ([[50, 940], [750, 1420]] as $i => [$y, $mm]) {
            $document = Sample::reading($document, Sample::id('H', $i), ['kind' => 'height', 'x' => 600, 'y' => $y], $mm);
        }
        $piece = &$document['pieces'][Sample::PIECE];
        [$piece['height'], $piece['depth'], $piece['slope_clear'], $piece['back_material']] = [1700, 560, 8, Sample::PLY];
        $piece['back'] = ['kind' => 'play', 'set_off' => 10];
        $piece['methods'] = ['slope_top' => 'open', 'back' => 'captured'];
        $piece['runs'][Sample::RUN]['bands'][Sample::PLINTH]['height'] = 80;
        // Shelf with its top face at 1100: over the bottom's at 98 and under its own 18, 984 clear.
        $piece['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = [Sample::id('BAY', 1) => ['order' => 'a',
            'fill' => ['kind' => 'shelves', 'shelves' => [Sample::id('SH', 1) => ['order' => 'a', 'clear_below' => 984]]]]];
        $plan = Planned::of($document);
        self::assertEqualsWithDelta(1206.9, $plan->part('side_left')['finished']['length']['mm'], 0.1);
        $shelf = $plan->part('shelf');
        self::assertEqualsWithDelta(298.8, $shelf['finished']['width']['mm'], 0.1, 'its underside, the longer face');
        self::assertSame(['under', [55.56]], [$shelf['long_face'], $shelf['bevels']], 'beyond a saw of 45°');
        // The back stands behind a nailer of 18 and within: room face at 10 + 18 + 18 = 46 from the knee wall less the wall’s own: long face in front.
        self::assertSame(['front', [34.44]], [$plan->part('back')['long_face'], $plan->part('back')['bevels']]);
        // Above the piece 8 square to the slope stay free: 9.7 upright; the front is at 570, its top at 1286.9 under 896 + 9.7 + 0.6857·570 = 1296.6.
        self::assertEqualsWithDelta(9.7, $plan->piece()['edges']['top']['least'], 0.15);
    }

    public function test_a_front_under_a_slope_along_the_run_is_a_trapezoid(): void
    {
        // Ceiling 1925 at 100 and 425 at 2100: 2000 − 0.75·x, θ 36.87°. Clearance 8: 10 upright. Box 800 wide from 100, base 100.
        $document = Sample::empty('mm');
        $document['spaces'][Sample::SPACE] = ['kind' => 'under_stair', 'right' => 'open', 'slope' => ['along' => 'run', 'low' => 'right', 'flat' => false]]
            + $document['spaces'][Sample::SPACE];
        $document = self::straight($document, 2200);
        foreach ([[100, 1925], [2100, 425]] as $i => [$x, $mm]) {
            $document = Sample::reading($document, Sample::id('H', $i), ['kind' => 'height', 'x' => $x, 'y' => 300], $mm);
        }
        $piece = &$document['pieces'][Sample::PIECE];
        [$piece['height'], $piece['depth'], $piece['width'], $piece['slope_clear']] = [2200, 500, 800, 8];
        $piece['stand'] = ['from' => 'left', 'at' => 100];
        $piece['methods'] = ['slope_top' => 'open'];
        $piece['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = [Sample::id('BAY', 1) => ['order' => 'a',
            'fill' => ['kind' => 'open'], 'door' => ['kind' => 'hinged', 'leaves' => 1, 'hang' => 'overlay']]];
        $plan = Planned::of($document);
        // Sides: 1990 − 75 − 100 = 1815 at 100; at 882, where the right one begins, 1990 − 661.5 − 100 = 1228.5.
        self::assertEqualsWithDelta(1815, $plan->part('side_left')['finished']['length']['mm'], 0.15);
        self::assertEqualsWithDelta(1228.5, $plan->part('side_right')['finished']['length']['mm'], 0.15);
        // Leaf 797.5 from 101.25, 3 square under the line (3.75 upright) and 1.25 over the base: 1990 − 75.94 − 105 = 1809.1 and 1990 − 674.06 − 105 = 1210.9.
        $marked = $plan->part('door_hinged_left')['marked_out'];
        self::assertSame(797.5, $marked['width']);
        $heights = array_column($marked['corners'], 'up');
        sort($heights);
        self::assertEqualsWithDelta([0, 0, 1210.9, 1809.1], $heights, 0.15);
        self::assertEqualsWithDelta(36.87, max(array_column($marked['corners'], 'off_square')), 0.01);
        // Diagonals √(797.5² + 1210.9²) = 1450.0 and √(797.5² + 1809.1²) = 1977.1.
        $diagonals = array_column($marked['diagonals'], 'length');
        sort($diagonals);
        self::assertEqualsWithDelta([1450.0, 1977.1], $diagonals, 0.2);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed> plumb walls so far apart
     */
    private static function straight(array $document, int $width): array
    {
        $document = Sample::width(Sample::width($document, 1, 100, $width), 2, 900, $width);

        return Sample::plumb($document, 1, 'left', 100, 900, 0);
    }
}
