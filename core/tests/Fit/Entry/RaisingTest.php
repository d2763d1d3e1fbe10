<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit\Entry;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Fit\Entry\Raising;
use Incastro\Core\Fit\Entry\Resting;
use Incastro\Core\Fit\Entry\Section;
use Incastro\Core\Fit\Entry\Tilt;
use PHPUnit\Framework\TestCase;

/** Standing a box up and sliding it back: known limits, and a checker that resamples what is found. */
final class RaisingTest extends TestCase
{
    use TestTrait;

    public function test_tilting_up_takes_the_diagonal(): void
    {
        // E1: 2200 × 350 → 2227.7; in one with its base of 100, 2300 × 350 → 2326.5.
        self::assertEqualsWithDelta(2227.7, self::raising(2400, 350, 2200)->needs(), 0.05);
        self::assertEqualsWithDelta(2326.5, self::raising(2400, 350, 2300)->needs(), 0.05);
        // Under a ceiling a millimetre over the diagonal it goes, a millimetre under it not.
        self::assertNotNull(self::raising(2228.7, 350, 2200)->way(plainOnly: true));
        self::assertNull(self::raising(2226.7, 350, 2200)->way());
        self::assertNotNull(self::raising(2226.7, 350, 2200)->way(true), 'brought in standing it need not be tipped');
    }

    public function test_a_box_cut_to_a_slope_takes_less(): void
    {
        // A rear of 800 under a top of 1100: leaning toward the room its long diagonal √(1100² + 560²) still counts; leaning back it has only the shorter one.
        $shape = [[0.0, 0.0], [560.0, 0.0], [560.0, 1100.0], [0.0, 800.0]];
        $way = new Raising(new Section([[0.0, 2400.0], [5000.0, 2400.0]], [], null), $shape, new Resting(0.0, 0.0, 560.0));
        self::assertEqualsWithDelta(hypot(1100, 560),
            max(array_map(fn (int $d): float => max(array_column((new Tilt(0.0, -$d, 0.0))->corners($shape), 1)), range(0, 90))), 0.5);
        self::assertLessThan(hypot(1100, 560), $way->needs());
    }

    public function test_a_plate_that_hangs_3_too_low_blocks_the_plain_way_and_taken_off_does_not(): void
    {
        // Box 2000 high on a base of 100, held 5 over it: 2105. Before its place a plate under the ceiling at 500 to 600 reaches down to 2102.
        $plate = [500.0, 2102.0, 600.0, 2400.0];
        $blocked = self::raising(2400, 400, 2000, 100, [$plate]);
        self::assertNull($blocked->way(plainOnly: true));
        $plate[1] = 2105.1;
        self::assertNotNull(self::raising(2400, 400, 2000, 100, [$plate])->way(plainOnly: true));
        self::assertNotNull(self::raising(2400, 400, 2000, 100)->way(plainOnly: true));
    }

    public function test_where_the_plain_way_is_blocked_another_is_searched(): void
    {
        // A beam right where the box is raised; a little further out there is room.
        $beam = [450.0, 1450.0, 700.0, 2400.0];
        $raising = self::raising(2400, 400, 1400, 0, [$beam]);
        self::assertNull($raising->way(plainOnly: true));
        $way = $raising->way();
        self::assertNotNull($way);
        self::assertTrue($way['searched']);
        $last = $way['poses'][count($way['poses']) - 1];
        self::assertSame([0.0, 0.0, 0.0], [$last->y, $last->deg, $last->lift]);
    }

    public function test_what_no_lean_gets_under_is_not_found(): void
    {
        self::assertNull(self::raising(2400, 400, 2000, 0, [[450.0, 300.0, 900.0, 2400.0]])->way(), 'a wall with a slot of 300');
    }

    public function test_paths_keep_their_stated_clearance_ten_times_finer(): void
    {
        $found = 0;
        $this->limitTo(15)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed) use (&$found): void {
            mt_srand($seed);
            [$depth, $height, $base] = [mt_rand(250, 700), mt_rand(500, 2200), mt_rand(0, 1) * 90];
            $overhead = mt_rand(0, 1) === 1
                ? [[-2000.0, (float) ($base + $height + mt_rand(20, 300))], [8000.0, (float) ($base + $height + mt_rand(301, 900))]]
                : [[-2000.0, 2400.0], [8000.0, 2400.0]];
            $blocks = mt_rand(0, 1) === 1 ? [[$depth + mt_rand(50, 400), (float) mt_rand(1900, 2350), $depth + mt_rand(450, 700), 2400.0]] : [];
            $section = new Section($overhead, $blocks, $base > 0 ? [$depth - 50.0, (float) $base] : null);
            $way = (new Raising($section, self::box($depth, $height), new Resting(0.0, (float) $base, (float) $depth)))->way();
            if ($way === null) {
                return;
            }
            $found++;
            foreach ($way['poses'] as $i => $pose) {
                $before = $way['poses'][$i - 1] ?? $pose;
                for ($k = 0; $k <= 240; $k++) {
                    $corners = $before->toward($pose, $k / 240)->corners(self::box($depth, $height));
                    self::assertGreaterThanOrEqual(min($way['clearance'], 1e6) - 1e-6, self::measured($corners, $overhead, $blocks), "seed $seed, pose $i");
                    self::assertGreaterThan(-0.01, min(array_column($corners, 1)), "seed $seed: through the floor");
                }
            }
        });
        self::assertGreaterThan(0, $found);
    }

    /**
     * The least distance from points along the box's rim to what is overhead and to the blocks; less than nothing inside.
     *
     * @param  list<array{float, float}>  $corners
     * @param  list<array{float, float}>  $overhead
     * @param  list<array{float, float, float, float}>  $blocks
     */
    private static function measured(array $corners, array $overhead, array $blocks): float
    {
        $least = INF;
        [$a, $b] = $overhead;
        $slope = ($b[1] - $a[1]) / ($b[0] - $a[0]);
        foreach ($corners as $i => $p) {
            $q = $corners[($i + 1) % 4];
            // The line overhead is straight: square to it, the corners are nearest.
            $least = min($least, ($a[1] + $slope * ($p[0] - $a[0]) - $p[1]) / hypot(1, $slope));
            foreach ($blocks as [$y0, $z0, $y1, $z1]) {
                for ($s = 0; $s <= 40; $s++) {
                    [$y, $z] = [$p[0] + ($q[0] - $p[0]) * $s / 40, $p[1] + ($q[1] - $p[1]) * $s / 40];
                    [$dy, $dz] = [max($y0 - $y, $y - $y1), max($z0 - $z, $z - $z1)];
                    $least = min($least, $dy > 0 && $dz > 0 ? hypot($dy, $dz) : max($dy, $dz));
                }
            }
        }

        return $least;
    }

    /** @param  list<array{float, float, float, float}>  $blocks */
    private static function raising(float $ceiling, float $depth, float $height, float $base = 0.0, array $blocks = []): Raising
    {
        return new Raising(new Section([[0.0, $ceiling], [9000.0, $ceiling]], $blocks, $base > 0.0 ? [$depth - 50.0, $base] : null),
            self::box($depth, $height), new Resting(0.0, $base, $depth));
    }

    /** @return non-empty-list<array{float, float}> */
    private static function box(float $depth, float $height): array
    {
        return [[0.0, 0.0], [$depth, 0.0], [$depth, $height], [0.0, $height]];
    }
}
