<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Fit\Curve;
use PHPUnit\Framework\TestCase;

final class CurveTest extends TestCase
{
    use TestTrait;

    public function test_it_goes_through_its_points_and_swings_no_further(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $points = [];
            for ($i = 0, $t = 0.0; $i < mt_rand(2, 9); $i++, $t += mt_rand(50, 400)) {
                $points[] = [$t, mt_rand(0, 300) / 10];
            }
            $curve = new Curve($points);
            foreach ($points as $i => [$t, $v]) {
                self::assertEqualsWithDelta($v, $curve->at($t), 1e-9);
                $next = $points[$i + 1] ?? null;
                for ($s = 1; $next !== null && $s < 8; $s++) {
                    $between = $curve->at($t + ($next[0] - $t) * $s / 8);
                    self::assertGreaterThanOrEqual(min($v, $next[1]) - 1e-9, $between, "seed $seed");
                    self::assertLessThanOrEqual(max($v, $next[1]) + 1e-9, $between, "seed $seed");
                }
            }
        });
    }

    public function test_two_points_are_a_straight_line_and_one_is_level(): void
    {
        self::assertEqualsWithDelta(12.0, (new Curve([[0.0, 10.0], [100.0, 20.0]]))->at(20.0), 1e-9);
        self::assertEqualsWithDelta(25.0, (new Curve([[0.0, 10.0], [100.0, 20.0]]))->at(150.0), 1e-9, 'straight on beyond its ends');
        self::assertEqualsWithDelta(7.0, (new Curve([[40.0, 7.0]]))->at(90.0), 1e-9);
    }

    public function test_a_wall_bent_to_25_m_read_every_300_is_met_within_half_a_millimetre(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$radius, $centre, $sign] = [mt_rand(25_000, 90_000), mt_rand(0, 2400), mt_rand(0, 1) * 2 - 1];
            $wall = fn (float $t): float => 20 + $sign * ($radius - sqrt($radius ** 2 - ($t - $centre) ** 2));
            $points = array_map(fn (int $i): array => [300.0 * $i, $wall(300.0 * $i)], range(0, 8));
            $curve = new Curve($points);
            for ($t = 0.0; $t <= 2400.0; $t += 10.0) {
                self::assertEqualsWithDelta($wall($t), $curve->at($t), 0.5, "seed $seed at $t");
            }
        });
    }
}
