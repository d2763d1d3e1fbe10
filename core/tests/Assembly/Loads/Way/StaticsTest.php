<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly\Loads\Way;

use Incastro\Core\Assembly\Loads\Way\Bond;
use Incastro\Core\Assembly\Loads\Way\BondKind;
use Incastro\Core\Assembly\Loads\Way\Load;
use Incastro\Core\Assembly\Loads\Way\Statics;
use PHPUnit\Framework\TestCase;

/** Bodies and bonds by hand: levers, couples, and several ways that share. */
final class StaticsTest extends TestCase
{
    /** 100 N at a quarter of a shelf: three quarters to the nearer upright, and down through both to the floor. */
    public function test_a_shelf_between_two_uprights(): void
    {
        $bonds = [self::face('shelf', 'left', 0, 18, 0), self::face('shelf', 'right', 782, 800, 0),
            self::face('left', null, 0, 18, -500), self::face('right', null, 782, 800, -500)];
        $statics = new Statics(['shelf' => [400.0, 150.0, 9.0], 'left' => [9.0, 150.0, -250.0], 'right' => [791.0, 150.0, -250.0]], $bonds);
        $up = self::up($statics->forces([new Load('shelf', [204.5, 150.0, 9.0], [0.0, 0.0, -100.0])]));
        self::assertEqualsWithDelta([75, 25, 75, 25], $up, 1.0);
        self::assertEqualsWithDelta(100.0, $up[0] + $up[1], 1e-6);
        self::assertEqualsWithDelta($up[0], $up[2], 1e-6, 'what the upright gets it gives on');
    }

    /** What runs on past its carrier lifts the other end: 100 N 200 out over a span of 600 are 133 and −33. */
    public function test_an_overhang_lifts_its_far_end(): void
    {
        $bonds = array_map(fn (float $x): Bond => new Bond('top', null, [[$x, 0.0, 0.0], [$x, 300.0, 0.0]], BondKind::Floor), [0.0, 600.0]);
        $up = self::up((new Statics(['top' => [400.0, 150.0, 0.0]], $bonds))->forces([new Load('top', [800.0, 150.0, 0.0], [0.0, 0.0, -100.0])]));
        self::assertEqualsWithDelta([-100 / 3, 400 / 3], $up, 1e-3);
    }

    /** Worked example A3: 628 N, its middle 160 out, four screws 550 over its foot, which leans on the wall: 628 down, 183 out. */
    public function test_a_hung_cupboard(): void
    {
        $screws = array_map(fn (array $at): Bond => new Bond('box', null, [$at], BondKind::Wall),
            [[250.0, 0.0, 530.0], [250.0, 0.0, 570.0], [650.0, 0.0, 530.0], [650.0, 0.0, 570.0]]);
        $foot = new Bond('box', null, [[0.0, 0.0, 0.0], [900.0, 0.0, 0.0]], BondKind::Bears, [0.0, 1.0, 0.0]);
        $forces = (new Statics(['box' => [450.0, 160.0, 350.0]], [...$screws, $foot]))
            ->forces([new Load('box', [450.0, 160.0, 350.0], [0.0, 0.0, -628.0])]);
        self::assertEqualsWithDelta(157.0, $forces[0][0][2], 1e-4, 'a quarter each');
        self::assertEqualsWithDelta(-628 * 160 / 550, array_sum(array_map(fn (array $f): float => $f[0][1], array_slice($forces, 0, 4))), 2.0);
        self::assertEqualsWithDelta(0.0, array_sum(array_map(fn (array $f): float => array_sum(array_column($f, 1)), $forces)), 1e-6);
        self::assertSame([0.0, 0.0], [$forces[4][0][0], $forces[4][0][2]], 'a foot that leans carries nothing');
    }

    /** 90 N on a beam over three props, all alike: no bending, so 30 each; a third of the way out they follow by levers. */
    public function test_three_props_under_a_stiff_beam(): void
    {
        $prop = fn (float $x): Bond => new Bond('beam', null, [[$x, 0.0, 0.0], [$x, 100.0, 0.0]], BondKind::Floor);
        $statics = new Statics(['beam' => [500.0, 50.0, 0.0]], [$prop(0), $prop(500), $prop(1_000)]);
        self::assertEqualsWithDelta([30, 30, 30], self::up($statics->forces([new Load('beam', [500.0, 50.0, 0.0], [0.0, 0.0, -90.0])])), 1e-6);
        // At x 750: a third each, and 90 · 250 turned by ±500: 22.5 more and less at the ends.
        self::assertEqualsWithDelta([7.5, 30, 52.5], self::up($statics->forces([new Load('beam', [750.0, 50.0, 0.0], [0.0, 0.0, -90.0])])), 1e-6);
    }

    /** A board on one screw under its middle turns where its weight is not right over it; on two beside each other it cannot. */
    public function test_what_can_turn_is_told(): void
    {
        $screw = fn (float $x): Bond => new Bond('board', null, [[$x, 0.0, 0.0]], BondKind::Wall);
        $lean = new Bond('board', null, [[0.0, 0.0, -40.0], [600.0, 0.0, -40.0]], BondKind::Bears, [0.0, 1.0, 0.0]);
        $slips = fn (array $load, Bond ...$bonds): array => array_keys((new Statics(['board' => [300.0, 9.0, 0.0]], array_values($bonds)))
            ->slipping([new Load('board', $load, [0.0, 0.0, -10.0])]));
        self::assertSame(['board'], $slips([300.0, 9.0, 0.0], $screw(200), $lean));
        self::assertSame([], $slips([300.0, 9.0, 0.0], $screw(200), $screw(400), $lean));
        self::assertSame(['board'], $slips([300.0, 9.0, 0.0], $screw(200), $screw(400)), 'about the line of both, away from the wall');
        self::assertSame([], $slips([200.0, 0.0, 0.0], $screw(200), $lean), 'right over it');
        self::assertSame(['board'], $slips([300.0, 9.0, 0.0]), 'on nothing it falls');
    }

    /** Two hundred boards in a row, each on the next, are solved at once and exactly. */
    public function test_a_long_chain(): void
    {
        $bonds = $centres = [];
        for ($n = 0; $n < 200; $n++) {
            $centres["b$n"] = [0.0, 0.0, 10.0 * $n];
            $bonds[] = new Bond("b$n", $n === 0 ? null : 'b'.($n - 1),
                [[-50.0, -50.0, 10.0 * $n], [50.0, -50.0, 10.0 * $n], [0.0, 50.0, 10.0 * $n]], BondKind::Face);
        }
        $loads = array_map(fn (string $id): Load => new Load($id, $centres[$id], [0.0, 0.0, -1.0]), array_keys($centres));
        $up = self::up((new Statics($centres, $bonds))->forces($loads));
        self::assertEqualsWithDelta(200.0, $up[0], 1e-3);
        self::assertEqualsWithDelta(1.0, $up[199], 1e-3);
    }

    private static function face(string $body, ?string $by, float $from, float $to, float $z): Bond
    {
        return new Bond($body, $by, [[$from, 0.0, $z], [$to, 0.0, $z], [$from, 300.0, $z], [$to, 300.0, $z]], $by === null ? BondKind::Floor : BondKind::Face);
    }

    /**
     * @param  list<list<array{float, float, float}>>  $forces
     * @return list<float> up, by bond
     */
    private static function up(array $forces): array
    {
        return array_map(fn (array $points): float => array_sum(array_column($points, 2)), $forces);
    }
}
