<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Geometry;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Region;
use Incastro\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

final class RegionTest extends TestCase
{
    use TestTrait;

    public function test_a_notch_in_an_edge_a_hole_inside_and_a_corner_taken_off(): void
    {
        $board = Region::of(self::rectangle(0, 0, 1000, 400));
        $notch = $board->without(self::at(300, 300), self::at(500, 450));
        self::assertCount(1, $notch->loops);
        self::assertEqualsWithDelta(400_000 - 200 * 100, $notch->area(), 1e-6);
        self::assertSame([[0, 0], [1000, 0], [1000, 400], [500, 400], [500, 300], [300, 300], [300, 400], [0, 400]], self::from($notch->loops[0], [0, 0]));
        $hole = $board->without(self::at(300, 100), self::at(500, 200));
        self::assertCount(2, $hole->loops);
        self::assertTrue($hole->isWhole());
        self::assertEqualsWithDelta(400_000 - 200 * 100, $hole->area(), 1e-6);
        $corner = $board->without(self::at(900, 350), self::at(1100, 500));
        self::assertSame([[0, 0], [1000, 0], [1000, 350], [900, 350], [900, 400], [0, 400]], self::from($corner->loops[0], [0, 0]));
    }

    public function test_a_slot_through_parts_a_board_in_two_and_all_of_it_leaves_nothing(): void
    {
        $board = Region::of(self::rectangle(0, 0, 1000, 400));
        $parted = $board->without(self::at(480, -10), self::at(520, 410));
        self::assertCount(2, $parted->loops);
        self::assertFalse($parted->isWhole());
        self::assertSame([], $board->without(self::at(-1, -1), self::at(1001, 401))->loops);
        self::assertSame($board->loops, $board->without(self::at(5, 5), self::at(5, 50))->loops, 'a rectangle without width');
    }

    public function test_two_holes_that_meet_are_one_and_a_notch_may_meet_a_hole(): void
    {
        $board = Region::of(self::rectangle(0, 0, 1000, 400));
        $met = $board->without(self::at(200, 100), self::at(400, 200))->without(self::at(300, 150), self::at(600, 300));
        self::assertCount(2, $met->loops);
        self::assertEqualsWithDelta(400_000 - 20_000 - 45_000 + 100 * 50, $met->area(), 1e-6);
        $opened = $met->without(self::at(250, 50), self::at(260, 120))->without(self::at(220, -5), self::at(240, 150));
        self::assertCount(1, $opened->loops, 'the hole opens to the edge');
    }

    public function test_what_is_taken_from_any_outline_is_what_the_rectangle_covers_of_it(): void
    {
        $this->limitTo(400)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $outline = self::anyOutline();
            $region = Region::of($outline);
            $taken = 0.0;
            for ($i = 0; $i < mt_rand(1, 4); $i++) {
                [$x, $y] = [mt_rand(-100, 1000), mt_rand(-100, 700)];
                [$low, $high] = [self::at($x, $y), self::at($x + mt_rand(1, 400), $y + mt_rand(1, 300))];
                $before = $region;
                $region = $region->without($low, $high);
                // Independently: what a loop winds about within the rectangle, by Green's theorem over clipped loops.
                $covered = array_sum(array_map(fn (array $loop): float => self::covered($loop, $low, $high), $before->loops));
                self::assertEqualsWithDelta($before->area() - $covered, $region->area(), 4000 * 1e-3, "seed $seed");
                self::assertEqualsWithDelta(0.0, array_sum(array_map(fn (array $loop): float => self::covered($loop, $low, $high), $region->loops)),
                    4000 * 1e-3, "seed $seed: nothing is left inside");
                $taken += $covered;
            }
            self::assertEqualsWithDelta(Region::of($outline)->area() - $taken, $region->area(), 4000 * 1e-3, "seed $seed");
        });
    }

    /** @return list<Point> a rectangle, a board under a slope, or an L */
    private static function anyOutline(): array
    {
        return match (mt_rand(0, 3)) {
            0 => self::rectangle(0, 0, mt_rand(100, 1200), mt_rand(100, 800)),
            1 => [self::at(0, 0), self::at(1000, 0), self::at(1000, mt_rand(500, 900)), self::at(0, mt_rand(100, 480))],
            2 => [self::at(0, 0), self::at(900, 0), self::at(900, 300), self::at(400, 300), self::at(400, 800), self::at(0, 800)],
            default => [self::at(0, 0), self::at(900, 0), self::at(mt_rand(500, 900), 700), self::at(mt_rand(100, 400), 700)],
        };
    }

    /**
     * Signed area of a loop within a rectangle: the loop's height above the lower edge, held between the edges, integrated piecewise
     * by fine strips that end at every corner.
     *
     * @param  list<Point>  $loop
     */
    private static function covered(array $loop, Point $low, Point $high): float
    {
        [$x0, $x1, $y0, $y1] = array_map(fn (Length $l): float => (float) $l->millimetres(), [$low->across, $high->across, $low->up, $high->up]);
        $sum = 0.0;
        foreach ($loop as $i => $p) {
            $q = $loop[($i + 1) % count($loop)];
            [$ax, $ay, $bx, $by] = array_map(fn (Length $l): float => (float) $l->millimetres(), [$p->across, $p->up, $q->across, $q->up]);
            if (abs($bx - $ax) < 1e-12) {
                continue;
            }
            $at = fn (float $x): float => $ay + ($by - $ay) * ($x - $ax) / ($bx - $ax);
            [$from, $to] = [max($x0, min($ax, $bx)), min($x1, max($ax, $bx))];
            if ($from >= $to) {
                continue;
            }
            $breaks = [$from, $to];
            foreach ([$y0, $y1] as $y) {
                $x = abs($by - $ay) < 1e-12 ? $from : $ax + ($y - $ay) * ($bx - $ax) / ($by - $ay);
                if ($x > $from && $x < $to) {
                    $breaks[] = $x;
                }
            }
            sort($breaks);
            $held = fn (float $x): float => max($y0, min($y1, $at($x))) - $y0;
            for ($k = 1; $k < count($breaks); $k++) {
                $sum -= ($bx > $ax ? 1 : -1) * ($breaks[$k] - $breaks[$k - 1]) * ($held($breaks[$k - 1]) + $held($breaks[$k])) / 2;
            }
        }

        return $sum;
    }

    /**
     * @param  list<Point>  $loop
     * @param  array{int, int}  $first
     * @return list<array{int|float, int|float}> beginning at a corner
     */
    private static function from(array $loop, array $first): array
    {
        $plain = array_map(fn (Point $p): array => [$p->across->millimetres() + 0, $p->up->millimetres() + 0], $loop);
        $at = array_search($first, array_map(fn (array $p): array => [(int) $p[0], (int) $p[1]], $plain), true);

        return array_map(fn (array $p): array => [(int) $p[0], (int) $p[1]], [...array_slice($plain, (int) $at), ...array_slice($plain, 0, (int) $at)]);
    }

    /** @return list<Point> */
    private static function rectangle(int $x, int $y, int $width, int $height): array
    {
        return [self::at($x, $y), self::at($x + $width, $y), self::at($x + $width, $y + $height), self::at($x, $y + $height)];
    }

    private static function at(int $x, int $y): Point
    {
        return new Point(Length::fromMillimetres($x), Length::fromMillimetres($y));
    }
}
