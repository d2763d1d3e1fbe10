<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Incastro\Core\Design\FramedDoor;
use Incastro\Core\Design\RackedOpening;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Worked example E3: an opening of 802.0 × 1204.0 with diagonals 1448.9 and 1444.4, two inset leaves. */
final class RackedOpeningTest extends TestCase
{
    private static function mm(int|float $mm): Length
    {
        return Length::fromMillimetres($mm);
    }

    private static function opening(): RackedOpening
    {
        return new RackedOpening(self::mm(802), self::mm(1204), self::mm(1448.9), self::mm(1444.4));
    }

    private static function assertMm(float $expected, Length $found, float $within = 0.05): void
    {
        self::assertEqualsWithDelta($expected, $found->millimetres(), $within);
    }

    public function test_it_leans_to_the_right_at_the_top(): void
    {
        self::assertMm(4.06, self::opening()->lean(), 0.005);
        self::assertEqualsWithDelta(0.19, self::opening()->degrees(), 0.005);
        self::assertMm(-4.06, (new RackedOpening(self::mm(802), self::mm(1204), self::mm(1444.4), self::mm(1448.9)))->lean(), 0.005);
        self::assertMm(4.0, self::opening()->leanOver(self::mm(1199)));
    }

    public function test_square_leaves_have_uneven_gaps(): void
    {
        [$tight, $wide] = self::opening()->sideGaps(self::mm(2.5), self::mm(1199));
        self::assertMm(0.5, $tight);
        self::assertMm(4.5, $wide);
        self::assertTrue($tight->isLessThan(RackedOpening::leastGap()), 'refused');
        self::assertMm(3.5, self::opening()->meanSideGap(self::mm(2.5), self::mm(1199)));
        self::assertMm(396.2, self::opening()->squareLeaf(2, self::mm(2.5), self::mm(1199))->value);
        [$tight, $wide] = self::opening()->sideGaps(self::opening()->meanSideGap(self::mm(2.5), self::mm(1199)), self::mm(1199));
        self::assertMm(1.5, $tight, 0.001);
        self::assertMm(5.5, $wide);
    }

    public function test_leaves_that_follow_are_no_rectangles(): void
    {
        [$up, $down] = self::opening()->diagonals(self::mm(397.25), self::mm(1199));
        self::assertMm(1264.4, $up, 0.06);
        self::assertMm(1261.8, $down, 0.06);
        self::assertEqualsWithDelta(1263.1, hypot(397.25, 1199), 0.05, 'a square leaf');
    }

    public function test_paint_and_tolerances_eat_the_gap(): void
    {
        self::assertMm(2.26, RackedOpening::painted(self::mm(2.5)), 0.001);
        [$least, $most] = RackedOpening::worst(self::mm(2.5), 2, self::mm(0.8), self::mm(0.5));
        self::assertMm(1.9, $least, 0.001);
        self::assertMm(3.1, $most, 0.001);
    }

    public function test_a_solid_poplar_panel_moves_more_than_its_play(): void
    {
        self::assertMm(3.4, FramedDoor::moves(Figure::of(self::mm(295.25), Text::of('piece.none'))));
    }

    public function test_two_framed_leaves_in_a_plan(): void
    {
        // Leaf (802 − 7.5)/2 = 397.25 × 1199. Stile and rail 60, tenon 10: rail 297.25; sight 277.25 × 1079; panel 295.25 × 1097.
        $plan = Planned::of(self::cupboard(['make' => 'framed', 'panel' => 'ply']));
        $part = fn (string $name): array => array_values(array_filter($plan->plan['parts'],
            fn (array $p): bool => $p['name']['key'] === "part.door_$name"))[0]['finished'];
        self::assertSame([1199, 60], [$part('stile_left')['length']['mm'], $part('stile_left')['width']['mm']]);
        self::assertSame(297.25, $part('rail_top')['length']['mm']);
        self::assertSame([1097, 295.25], [$part('panel')['length']['mm'], $part('panel')['width']['mm']]);
        $leaf = Planned::trail(Planned::of(self::cupboard([]))->part('door_hinged_left')['finished']['width']);
        self::assertSame(['− 7.5 piece.gaps', '÷ 2 piece.leaves'],
            array_values(array_filter($leaf, fn (string $l): bool => str_contains($l, 'gaps') || str_contains($l, 'leaves'))));
        self::assertNotContains('piece.racked_opening', $plan->codes());
        self::assertContains('piece.panel_moves', Planned::of(self::cupboard(['make' => 'framed', 'panel' => 'wood']))->codes());
    }

    public function test_diagonals_given_make_the_leaves_narrower_or_follow(): void
    {
        $square = Planned::of(self::cupboard(['diagonal_up' => 1448.9, 'diagonal_down' => 1444.4]));
        self::assertEqualsWithDelta(396.2, $square->part('door_hinged_left')['finished']['width']['mm'], 0.05);
        self::assertSame([0.5, 4.5],
            array_map(fn (string $a): float => round($square->finding('piece.racked_opening')['says']['args'][$a]['mm'], 1), ['tight', 'wide']));
        $follows = Planned::of(self::cupboard(['diagonal_up' => 1448.9, 'diagonal_down' => 1444.4, 'racked' => 'follow']));
        self::assertSame(397.25, $follows->part('door_hinged_left')['finished']['width']['mm']);
        self::assertContains('piece.diagonals_impossible', Planned::of(self::cupboard(['diagonal_up' => 2000, 'diagonal_down' => 900]))->codes());
    }

    /**
     * A box whose clear opening is 802 × 1204: 838 wide, 1240 high, boards of 18.
     *
     * @param  array<string, mixed>  $door
     * @return array<string, mixed>
     */
    private static function cupboard(array $door): array
    {
        $document = Sample::width(Sample::empty('mm'), 1, 100, 848);
        $piece = &$document['pieces'][Sample::PIECE];
        $piece['height'] = 1340;
        $piece['back_material'] = Sample::BACK;
        $piece['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY',
            1)] = ['door' => ['kind' => 'hinged', 'leaves' => 2, 'gap' => 2.5, 'hang' => 'inset'] + $door];

        return $document;
    }
}
