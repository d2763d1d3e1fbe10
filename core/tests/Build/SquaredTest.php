<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build;

use Incastro\Core\Build\Squared;
use Incastro\Core\Build\Trial\Cures;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use PHPUnit\Framework\TestCase;

/** What an assembly is proved square by, read from its own corners. */
final class SquaredTest extends TestCase
{
    /** Under the loft one side ends 60 over the other: √(2053.0² + 1340²) = 2451.6 from the left foot up, √(2053.0² + 1400²) = 2484.9 from the right. */
    public function test_sides_that_are_not_alike_have_two_diagonals(): void
    {
        $box = Squared::of(self::unit('signal-cabin-loft', UnitKind::Carcass));
        self::assertNotNull($box);
        self::assertFalse($box->isRectangle());
        self::assertEqualsWithDelta([2053.0, 1340.0, 1400.0], [$box->width->millimetres(), $box->left->millimetres(), $box->right->millimetres()], 0.05);
        $diagonals = [$box->rising->millimetres(), $box->falling->millimetres()];
        sort($diagonals);
        self::assertEqualsWithDelta([2451.6, 2484.9], $diagonals, 0.06);
        // By their difference alone it would be pushed 20 out of square: (2451.6² − 2484.9²)/4w.
        self::assertEqualsWithDelta(20.0, abs((float) Cures::racking($box->rising, $box->falling, $box->width)->millimetres()), 0.1);
    }

    /** 1000 wide, the left side 0 to 1000 up, the right one 100 to 1300: √(1000² + 1300²) from the left foot, √(1000² + 900²) from the right. */
    public function test_sides_that_begin_and_end_at_other_heights(): void
    {
        $mm = Length::fromMillimetres(...);
        $side = fn (string $id, int $x, int $from, int $to): Panel => new Panel($id, 'p', Role::Side, Text::of('part.side_left'), 'ply',
            Figure::of($mm($to - $from), Text::of('x')), Figure::of($mm(300), Text::of('x')),
            Prism::of(new Block(new Place3($mm($x), $mm(0), $mm($from)), new Place3($mm(18), $mm(300), $mm($to - $from))), Axis::X), Axis::Z, Axis::X);
        $box = Squared::of(new Unit(UnitKind::Carcass, [$side('right', 982, 100, 1300), $side('left', 0, 0, 1000)]));
        self::assertNotNull($box);
        self::assertEqualsWithDelta([1000, hypot(1000, 1300), hypot(1000, 900)],
            [$box->width->millimetres(), $box->rising->millimetres(), $box->falling->millimetres()], 0.06);
    }

    public function test_a_box_with_equal_sides_is_a_rectangle_and_one_under_a_slope_has_no_corners(): void
    {
        $niche = Squared::of(self::unit('chart-room-left-niche', UnitKind::Carcass));
        self::assertTrue($niche?->isRectangle());
        self::assertEqualsWithDelta(hypot(971.7, 2210), $niche->rising->millimetres(), 0.06);
        self::assertNull(Squared::of(self::unit('bunk-room', UnitKind::Carcass)));
        $steps = Planned::of(Demo::document('bunk-room'))->plan['steps'];
        foreach ($steps as $step) {
            self::assertNotContains('number.outside', array_column($step['numbers'], 'key'), $step['id']);
        }
    }

    /** A drawer is squared as it lies: wide and deep, not by how high its front is. */
    public function test_a_drawer_lies_and_a_ladder_is_not_squared(): void
    {
        foreach (['pantry-passage-wall', 'signal-cabin-loft'] as $room) {
            $planning = new Planning(Demo::document($room));
            foreach (array_values($planning->pieces())[0]->units as $unit) {
                $squared = $unit->kind === UnitKind::Mover && count($unit->panels) > 1 ? Squared::of($unit) : null;
                if ($squared !== null && str_contains($unit->id, ':drawer_')) {
                    self::assertEqualsWithDelta(350, $squared->left->millimetres(), 0.1, 'as long as its slides');
                }
                self::assertFalse($squared !== null && str_contains($unit->id, ':ladder_'));
            }
        }
    }

    /** Each box is tilted up by itself: lower 720 × 380, upper 1472.4 × 280 with its back. */
    public function test_the_ceiling_a_box_needs_is_its_own(): void
    {
        $steps = Planned::of(Demo::document('chart-room-right-niche'))->plan['steps'];
        $tilts = [];
        foreach ($steps as $step) {
            foreach ($step['kind'] === 'carry' ? $step['numbers'] : [] as $number) {
                array_push($tilts, ...($number['key'] === 'number.tilt' ? [$number['args']['height']['mm']] : []));
            }
        }
        self::assertEqualsWithDelta([hypot(720, 380), hypot(1472.4, 280)], $tilts, 0.06);
    }

    /** The lower filler ends at 809.9: it is scribed to where the wall is nearest it, not to what only the upper one reaches. */
    public function test_a_scribe_is_told_over_the_part_s_own_extent(): void
    {
        $built = self::built('chart-room-right-niche');
        $edge = array_values(array_filter($built->fit->edges, fn ($e): bool => $e->name->value === 'left' && $e->scribe !== null))[0];
        self::assertNotNull($edge->scribe);
        [$low, $high] = [Length::fromMillimetres(89.9), Length::fromMillimetres(809.9)];
        $own = $edge->scribe->over($low, $high);
        self::assertSame(809.9, $own->touchesAt()->millimetres());
        self::assertTrue($own->setting->value->isLessThan($edge->scribe->setting->value));
        foreach ($own->stations as $station) {
            self::assertFalse($station['at']->isLessThan($low) || $station['at']->isGreaterThan($high));
            self::assertEquals($own->projects->value, $station['removed']->plus($station['left']));
        }
        self::assertEquals($edge->scribe, $edge->scribe->over(Length::fromMillimetres(-100), Length::fromMillimetres(9000)));
        $touches = [];
        foreach (Planned::of(Demo::document('chart-room-right-niche'))->plan['steps'] as $step) {
            foreach ($step['kind'] === 'scribe' && str_contains($step['id'], 'filler_left') ? $step['numbers'] : [] as $number) {
                array_push($touches, ...($number['key'] === 'number.scribe' ? [$number['args']['at']['mm']] : []));
            }
        }
        self::assertSame([809.9, 2299.9], $touches);
    }

    private static function built(string $room): PlacedPiece
    {
        return array_values((new Planning(Demo::document($room)))->pieces())[0];
    }

    private static function unit(string $room, UnitKind $kind): Unit
    {
        return array_values(array_filter(self::built($room)->units, fn (Unit $u): bool => $u->kind === $kind))[0];
    }
}
