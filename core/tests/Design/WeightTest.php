<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Weight;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WeightTest extends TestCase
{
    /** @param  array{int|float, int|float, int|float}  $size */
    #[DataProvider('bodies')]
    public function test_each_kind_of_body_by_hand(float $kg, ?BoughtAs $as, array $size): void
    {
        self::assertEqualsWithDelta($kg, (new Weight(['ply' => self::ply()]))->of(self::body($size, $as)), 0.001);
    }

    /** @return iterable<string, array{float, BoughtAs|null, array{int|float, int|float, int|float}}> */
    public static function bodies(): iterable
    {
        yield 'a metre of 300 of 18 ply: 5.4 l of 650' => [3.51, null, [1000, 300, 18]];
        yield 'lumber 38 × 89 × 2400: 8.1168 l of 480' => [3.896, BoughtAs::Lumber, [2400, 89, 38]];
        yield 'glass 4 × 400 × 900: 1.44 l of 2500' => [3.6, BoughtAs::Glass, [400, 4, 900]];
        yield 'a tube 900 long: 0.9 · 0.869' => [0.782, BoughtAs::Tube, [900, 25, 25]];
        // Sides 2 · 0.3 · 2.0, four levels and top and bottom and a fifth: 2 + 5 = 7 · 0.8 · 0.3, back 0.8 · 2.0: 4.48 m².
        yield 'a bookcase 800 × 300 × 2000' => [46.592, BoughtAs::Box, [800, 300, 2000]];
    }

    public function test_bodies_add_up_and_nothing_weighs_nothing(): void
    {
        $weight = new Weight(['ply' => self::ply()]);
        $body = self::body([1000, 300, 18], null);
        self::assertSame(0.0, (float) $weight->of());
        self::assertEqualsWithDelta(7.02, $weight->of($body, $body), 1e-9);
    }

    private static function ply(): Material
    {
        $mm = Length::fromMillimetres(...);

        return new Material('ply', 'Ply', $mm(18), $mm(2440), $mm(1220), true, 0, 650.0);
    }

    /** @param  array{int|float, int|float, int|float}  $size */
    private static function body(array $size, ?BoughtAs $as): Panel
    {
        [$x, $y, $z] = array_map(Length::fromMillimetres(...), $size);
        $zero = Length::zero();
        $why = Text::of('piece.board_thickness');

        return new Panel('it', 'piece', Role::Board, $why, 'ply', Figure::of($x, $why), Figure::of($y, $why),
            Prism::of(new Block(new Place3($zero, $zero, $zero), new Place3($x, $y, $z)), Axis::Z), Axis::X, Axis::Z, boughtAs: $as);
    }
}
