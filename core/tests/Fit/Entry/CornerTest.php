<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit\Entry;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Fit\Entry\Corner;
use PHPUnit\Framework\TestCase;

/** Turning a box round a corner, against the closed form and against a checker that knows nothing of it. */
final class CornerTest extends TestCase
{
    use TestTrait;

    public function test_the_longest_that_turns_is_the_fields_closed_form(): void
    {
        // Fieldbook §8: 900 into 800, 350 deep → 1701.9.
        $corner = new Corner(900, 800);
        self::assertGreaterThan(0.0, $corner->clearance(1701.8, 350));
        self::assertLessThan(0.0, $corner->clearance(1702.1, 350));
        // A thin rod round a square corner of equal passages: 2·√2·w.
        self::assertEqualsWithDelta(0.0, (new Corner(1000, 1000))->clearance(2 * sqrt(2) * 1000, 0), 1e-3);
        // Too deep for a passage it cannot turn, however short.
        self::assertEqualsWithDelta(-25.0, $corner->clearance(850, 850), 25.0);
    }

    public function test_no_angle_looked_at_by_itself_is_tighter_than_the_clearance(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$from, $into, $length, $across] = [mt_rand(300, 2400), mt_rand(300, 2400), mt_rand(200, 3600), mt_rand(10, 900)];
            $least = INF;
            for ($k = 0; $k <= 1800; $k++) {
                [$sin, $cos] = [sin(deg2rad($k / 20)), cos(deg2rad($k / 20))];
                $least = min($least, ($from * $sin + $into * $cos - $length * $sin * $cos - $across) / (1 + $sin + $cos));
            }
            self::assertEqualsWithDelta($least, (new Corner($from, $into))->clearance($length, $across), 1e-9, "seed $seed");
        });
    }

    public function test_taken_broadside_it_need_not_turn(): void
    {
        self::assertEqualsWithDelta(50.0, (new Corner(900, 800))->broadside(700, 350), 1e-9);
        self::assertLessThan(0.0, (new Corner(900, 800))->broadside(900, 350));
    }

    public function test_a_path_keeps_its_stated_clearance_ten_times_finer(): void
    {
        $this->limitTo(40)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$from, $into, $length, $across] = [mt_rand(700, 1400), mt_rand(700, 1400), mt_rand(500, 2600), mt_rand(100, 690)];
            [$length, $across] = [max($length, $across), min($length, $across)];
            $corner = new Corner($from, $into);
            $stated = $corner->clearance($length, $across);
            if ($stated < 0.0) {
                return;
            }
            $path = $corner->path($length, $across, 0.5);
            for ($i = 1; $i < count($path); $i++) {
                for ($k = 0; $k <= 10; $k++) {
                    $pose = array_map(fn (string $f): float => $path[$i - 1][$f] + ($path[$i][$f] - $path[$i - 1][$f]) * $k / 10, ['x', 'y', 'deg']);
                    self::assertGreaterThanOrEqual($stated - 0.05, self::measured($pose, $length, $across, $from, $into), "seed $seed");
                }
            }
        });
    }

    /**
     * The least distance from the box to any wall, found by walking round its rim and round the walls'.
     *
     * @param  array{float, float, float}  $pose
     */
    private static function measured(array $pose, float $length, float $across, float $from, float $into): float
    {
        [$x, $y, $t] = [$pose[0], $pose[1], deg2rad($pose[2])];
        [$u, $v] = [[cos($t), -sin($t)], [sin($t), cos($t)]];
        $least = INF;
        // Outer walls: the corners of the box are the nearest it comes.
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$a, $b]) {
            [$px, $py] = [$x + $a * $u[0] * $length / 2 + $b * $v[0] * $across / 2, $y + $a * $u[1] * $length / 2 + $b * $v[1] * $across / 2];
            $least = min($least, $px, $py);
            $least = $px > $from && $py > $into ? min($least, -min($px - $from, $py - $into)) : $least;
            // To the two faces that meet in the inner corner.
            $least = $py >= $into ? min($least, abs($from - $px) * ($px > $from ? -1 : 1)) : $least;
            $least = $px >= $from ? min($least, abs($into - $py) * ($py > $into ? -1 : 1)) : $least;
        }
        // The inner corner, seen from the box's own axes.
        [$dx, $dy] = [$from - $x, $into - $y];
        [$along, $out] = [abs($dx * $u[0] + $dy * $u[1]) - $length / 2, abs($dx * $v[0] + $dy * $v[1]) - $across / 2];
        $apart = $along > 0 && $out > 0 ? hypot($along, $out) : max($along, $out);

        return min($least, $apart);
    }
}
