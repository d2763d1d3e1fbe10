<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Geometry;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Polygon;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Geometry\Shared;
use Incastro\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

/** What two solids share, against sums by hand and against points thrown at random. */
final class SharedTest extends TestCase
{
    use TestTrait;

    public function test_blocks_by_hand(): void
    {
        // 18 × 400 × 1000 at 10, 0, 100; and 300 × 100 × 50 at 0, 350, 80: x 10…28, y 350…400, z 100…130.
        $shared = Shared::of(self::block(10, 0, 100, 18, 400, 1000), self::block(0, 350, 80, 300, 100, 50));
        self::assertNotNull($shared);
        self::assertSame([10.0, 28.0, 350.0, 400.0, 100.0, 130.0], $shared->box);
        self::assertSame([18.0, 27_000.0], [$shared->depth, $shared->volume]);
        self::assertNull(Shared::of(self::block(0, 0, 0, 10, 10, 10), self::block(10, 0, 0, 10, 10, 10)), 'they touch');
    }

    public function test_what_is_taken_out_is_not_shared(): void
    {
        [$shelf, $side] = [self::block(-6, 0, 300, 606, 300, 18), self::block(-18, 0, 0, 18, 300, 900)];
        self::assertSame(6.0, Shared::of($shelf, $side)->depth);
        $dado = self::block(-6, 0, 300, 6, 300, 18)->bounds();
        self::assertNull(Shared::of($shelf, $side, [$dado]));
        // A dado 100 short leaves 6 × 100 × 18.
        $short = self::block(-6, 0, 300, 6, 200, 18)->bounds();
        self::assertSame([6.0, 10_800.0], [Shared::of($shelf, $side, [$short])->depth, Shared::of($shelf, $side, [$short])->volume]);
        // A hole in the middle of what is shared leaves what is around it.
        $all = Shared::of(self::block(0, 0, 0, 10, 10, 10), self::block(0, 0, 0, 10, 10, 10), [self::block(4, 4, -5, 2, 2, 20)->bounds()]);
        self::assertEqualsWithDelta(960.0, $all->volume, 1e-6);
        self::assertSame([0.0, 10.0, 0.0, 10.0, 0.0, 10.0], $all->box);
    }

    public function test_a_slope_cuts_what_two_alike_share(): void
    {
        // A triangle of 100 by 100 along y, and a block over its lower half: a trapeze of 100 and 50, 50 high, over 20.
        $triangle = self::prism(Axis::Y, [[0, 0], [100, 0], [0, 100]], 0, 50);
        $shared = Shared::of($triangle, self::block(0, 30, 0, 200, 100, 50));
        self::assertEqualsWithDelta(3_750 * 20, $shared->volume, 1e-6);
        self::assertEqualsWithDelta(20, $shared->depth, 1e-6);
        self::assertEqualsWithDelta(100, $shared->box[1], 1e-6);
        // Two triangles that only meet along their long sides.
        self::assertNull(Shared::of($triangle, self::prism(Axis::Y, [[100, 0], [100, 100], [0, 100]], 0, 50)));
    }

    public function test_two_that_cross_share_what_both_reach(): void
    {
        // A wedge along x and one along y, each of 45°: at a height z both leave 100 − z, so ∫ (100 − z)² = 100³/3.
        $a = self::prism(Axis::X, [[0, 0], [100, 0], [0, 100]], 0, 400);
        $b = self::prism(Axis::Y, [[0, 0], [100, 0], [0, 100]], 0, 400);
        self::assertEqualsWithDelta(1e6 / 3, Shared::of($a, $b)->volume, 1.0);
        self::assertEqualsWithDelta(100.0, Shared::of($a, $b)->depth, 1e-3);
        // The same seen the other way, and with the upper half taken out: less 50³/3.
        self::assertEqualsWithDelta(1e6 / 3, Shared::of($b, $a)->volume, 1.0);
        self::assertEqualsWithDelta((1e6 - 125e3) / 3, Shared::of($a, $b, [self::block(0, 0, 50, 500, 500, 50)->bounds()])->volume, 1.0);
    }

    public function test_points_at_random_say_the_same(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$a, $b] = [self::anySolid(), self::anySolid()];
            $shared = Shared::of($a, $b);
            $volume = $shared?->volume ?? 0.0;
            self::assertEqualsWithDelta($volume, Shared::of($b, $a)?->volume ?? 0.0, 1e-3 * max(1.0, $volume), 'either way round');
            $hits = 0;
            for ($i = 0; $i < 3_000; $i++) {
                $p = [mt_rand(0, 4000) / 10, mt_rand(0, 4000) / 10, mt_rand(0, 4000) / 10];
                $hits += self::holds($a, $p) && self::holds($b, $p) ? 1 : 0;
            }
            $expected = $hits / 3_000 * 400 ** 3;
            // Five standard deviations of so many throws.
            $share = max($hits, 3) / 3_000;
            self::assertEqualsWithDelta($expected, $shared?->volume ?? 0.0, 5 * sqrt($share * (1 - min(0.99, $share)) / 3_000) * 400 ** 3);
        });
    }

    public function test_how_wide_an_outline_is(): void
    {
        self::assertEqualsWithDelta(30.0, Polygon::width([[0, 0], [100, 0], [100, 30], [0, 30]]), 1e-9);
        self::assertEqualsWithDelta(100 / M_SQRT2, Polygon::width([[0, 0], [100, 0], [0, 100]]), 1e-9, 'across its long side');
        self::assertSame(5_000.0, Polygon::area([[0, 0], [100, 0], [0, 100]]));
        self::assertSame([25.0, 62.5], Polygon::across([[0, 0], [100, 0], [50, 100], [0, 50]], 75.0, true));
    }

    /** @param  array{float, float, float}  $p */
    private static function holds(Prism $prism, array $p): bool
    {
        [$k, $u, $v] = match ($prism->axis) {
            Axis::X => [0, 1, 2], Axis::Y => [1, 0, 2], Axis::Z => [2, 0, 1],
        };
        if ($p[$k] < (float) $prism->from->millimetres() || $p[$k] > (float) $prism->to->millimetres()) {
            return false;
        }
        $signs = [];
        $points = array_map(fn (Point $q): array => [(float) $q->across->millimetres(), (float) $q->up->millimetres()], $prism->outline);
        foreach ($points as $i => $a) {
            $b = $points[($i + 1) % count($points)];
            $signs[] = ($b[0] - $a[0]) * ($p[$v] - $a[1]) - ($b[1] - $a[1]) * ($p[$u] - $a[0]) >= 0;
        }

        return count(array_unique($signs)) === 1;
    }

    private static function anySolid(): Prism
    {
        $from = fn (): array => [$a = mt_rand(0, 250), $a + mt_rand(20, 150)];
        [[$u0, $u1], [$v0, $v1], [$k0, $k1]] = [$from(), $from(), $from()];
        $corner = mt_rand(0, 3);
        $outline = [[$u0, $v0], [$u1, $v0], [$u1, $v1], [$u0, $v1]];
        // A block, or one with a corner cut off at random.
        if (mt_rand(0, 2) > 0) {
            [[$pu, $pv], [$nu, $nv]] = [$outline[($corner + 3) % 4], $outline[($corner + 1) % 4]];
            [$cu, $cv] = $outline[$corner];
            [$s, $t] = [mt_rand(2, 9) / 10, mt_rand(2, 9) / 10];
            array_splice($outline, $corner, 1, [[$cu + $s * ($pu - $cu), $cv + $s * ($pv - $cv)], [$cu + $t * ($nu - $cu), $cv + $t * ($nv - $cv)]]);
        }

        return self::prism(Axis::cases()[mt_rand(0, 2)], $outline, $k0, $k1);
    }

    /** @param  list<array{int|float, int|float}>  $outline */
    private static function prism(Axis $axis, array $outline, int $from, int $to): Prism
    {
        return new Prism($axis, array_map(fn (array $p): Point => new Point(Length::fromMillimetres($p[0]), Length::fromMillimetres($p[1])), $outline),
            Length::fromMillimetres($from), Length::fromMillimetres($to));
    }

    private static function block(int $x, int $y, int $z, int $dx, int $dy, int $dz): Prism
    {
        $mm = Length::fromMillimetres(...);

        return Prism::of(new Block(new Place3($mm($x), $mm($y), $mm($z)), new Place3($mm($dx), $mm($dy), $mm($dz))), Axis::X);
    }
}
