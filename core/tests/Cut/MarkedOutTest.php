<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Odd shapes as lists to mark out by. Worked example E2: depth 560, base 80, 10 of air behind, clearance 8, no sloping top. */
final class MarkedOutTest extends TestCase
{
    public function test_e2_side_by_its_corners_angles_and_diagonals(): void
    {
        $marked = Planned::of(self::e2())->part('side_left')['marked_out'];
        self::assertSame('side', $marked['seen'], 'from the left: the rear at the left');
        self::assertSame([560], array_values(array_unique(array_filter(array_column($marked['corners'], 'across')))));
        $heights = array_column($marked['corners'], 'up');
        sort($heights);
        self::assertEqualsWithDelta(822.9, $heights[2], 0.1);
        self::assertEqualsWithDelta(1206.9, $heights[3], 0.1);
        $angles = array_column($marked['corners'], 'angle');
        sort($angles);
        self::assertEqualsWithDelta([55.6, 90, 90, 124.4], $angles, 0.05);
        self::assertEqualsWithDelta(34.4, max(array_column($marked['corners'], 'off_square')), 0.05);
        self::assertEqualsWithDelta(679.0, array_values(array_filter(array_column($marked['corners'], 'edge'), fn ($e): bool => $e > 600 && $e < 800))[0], 0.1);
        $diagonals = array_column($marked['diagonals'], 'length');
        rsort($diagonals);
        self::assertEqualsWithDelta([1330.5, 995.3], $diagonals, 0.1);
    }

    public function test_e2_back_keeps_its_long_point_on_the_face_toward_the_high_side(): void
    {
        $document = self::e2();
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::PLY;
        $document['pieces'][Sample::PIECE]['methods']['back'] = 'captured';
        $back = Planned::of($document)->part('back');
        self::assertSame(['front', [34.44]], [$back['long_face'], $back['bevels']], 'its room face is the longer');
        self::assertNull($back['marked_out'], 'a bevelled rectangle is a rectangle');
    }

    public function test_a_rectangle_has_nothing_to_mark_out(): void
    {
        self::assertNull(Planned::of(Sample::e1())->part('side_left')['marked_out']);
    }

    public function test_openings_say_how_a_router_cuts_them(): void
    {
        $document = Sample::e1();
        $document['workshop'] += ['router_base' => 152.4, 'router_bit' => 12.7];
        $document['spaces'][Sample::SPACE]['things'] = [Sample::id('TH', 1) => ['kind' => 'socket', 'face' => 'back',
            'across' => 600, 'up' => 300, 'width' => 86, 'height' => 86, 'out' => 10, 'treatment' => 'cut_through']];
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $document['pieces'][Sample::PIECE]['methods']['back'] = 'applied';
        // (152.4 − 12.7)/2 = 69.85 from the fence to the near edge of the cut.
        self::assertSame([69.85, null],
            [Planned::of($document)->part('back')['marked_out']['fence'], Planned::of($document)->part('back')['marked_out']['openings'][0]['pin']]);
    }

    /** @return array<string, mixed> */
    private static function e2(): array
    {
        $document = Sample::empty('mm');
        $document['spaces'][Sample::SPACE] = ['kind' => 'under_slope', 'slope' => ['along' => 'depth', 'low' => 'back', 'flat' => false]]
            + $document['spaces'][Sample::SPACE];
        $document = Sample::width(Sample::width($document, 1, 100, 1200), 2, 900, 1200);
        $document = Sample::plumb($document, 1, 'left', 100, 900, 0);
        foreach ([[50, 940], [750, 1420]] as $i => [$y, $mm]) {
            $document = Sample::reading($document, Sample::id('H', $i), ['kind' => 'height', 'x' => 600, 'y' => $y], $mm);
        }
        $piece = &$document['pieces'][Sample::PIECE];
        [$piece['height'], $piece['depth'], $piece['slope_clear']] = [1700, 560, 8];
        $piece['back'] = ['kind' => 'play', 'set_off' => 10];
        $piece['methods'] = ['slope_top' => 'open', 'top' => 'rails'];
        $piece['runs'][Sample::RUN]['bands'][Sample::PLINTH]['height'] = 80;

        return $document;
    }
}
