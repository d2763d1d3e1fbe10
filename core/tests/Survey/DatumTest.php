<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Survey\Datum;
use Incastro\Core\Survey\Prior;
use PHPUnit\Framework\TestCase;

/** Covariances of a surface measured from fixed points, against the sum written out. */
final class DatumTest extends TestCase
{
    use TestTrait;

    public function test_it_is_the_covariance_of_what_is_left_after_the_fixed_points(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $place = fn (): array => [mt_rand(0, 3000) / 1000, mt_rand(0, 2500) / 1000];
            $prior = Prior::backWall();
            $points = [$place(), $place()];
            $datum = new Datum($prior, $points);
            [$p, $q, $w, $v] = [$place(), $place(), [0.3, 0.7], [0.8, 0.2]];
            // Each place is itself less its weighted points: a sum of nine covariances.
            $terms = fn (array $at, array $weights): array => [[1.0, $at], [-$weights[0], $points[0]], [-$weights[1], $points[1]]];
            $sum = 0.0;
            foreach ($terms($p, $w) as [$a, $s]) {
                foreach ($terms($q, $v) as [$b, $t]) {
                    $sum += $a * $b * $prior->covariance($s, $t);
                }
            }
            self::assertEqualsWithDelta($sum, $datum->covariance($datum->tied($p, $w), $datum->tied($q, $v)), 1e-9, "seed $seed");
        });
    }

    public function test_at_a_fixed_point_nothing_varies(): void
    {
        $datum = new Datum(Prior::wall(), [[0.6, 0.1]]);
        $there = $datum->tied([0.6, 0.1], [1.0]);
        self::assertEqualsWithDelta(0.0, $datum->covariance($there, $there), 1e-9);
        self::assertGreaterThan(0.1, $datum->covariance($datum->tied([0.6, 1.1], [1.0]), $datum->tied([0.6, 1.1], [1.0])));
    }

    public function test_without_fixed_points_it_is_the_prior(): void
    {
        $datum = new Datum(Prior::level(), []);
        self::assertSame(Prior::level()->covariance([0.1, 0.2], [0.9, 0.4]), $datum->covariance($datum->tied([0.1, 0.2], []), $datum->tied([0.9, 0.4], [])));
    }
}
