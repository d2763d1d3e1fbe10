<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Survey\Matrix;
use PHPUnit\Framework\TestCase;

final class MatrixTest extends TestCase
{
    private const A = [[4.0, 1.0, 0.5], [1.0, 3.0, 0.2], [0.5, 0.2, 2.0]];

    public function test_the_factor_times_its_transpose_is_the_matrix(): void
    {
        $l = Matrix::factor(self::A);
        foreach (self::A as $i => $row) {
            foreach ($row as $j => $expected) {
                $sum = 0.0;
                for ($k = 0; $k <= min($i, $j); $k++) {
                    $sum += $l[$i][$k] * $l[$j][$k];
                }
                self::assertEqualsWithDelta($expected, $sum, 1e-12);
            }
        }
    }

    public function test_it_solves_and_knows_its_inverse(): void
    {
        $l = Matrix::factor(self::A);
        self::assertEqualsWithDelta([1.0, 2.0, 3.0], Matrix::solve($l, [7.5, 7.6, 6.9]), 1e-12);
        foreach (Matrix::inverseDiagonal($l) as $i => $entry) {
            $unit = [0.0, 0.0, 0.0];
            $unit[$i] = 1.0;
            self::assertEqualsWithDelta(Matrix::solve($l, $unit)[$i], $entry, 1e-12);
        }
        self::assertSame([1, 2], array_keys(Matrix::inverseDiagonal($l, 1)));
        self::assertSame(array_slice(Matrix::inverseDiagonal($l), 1), array_values(Matrix::inverseDiagonal($l, 1)));
    }

    public function test_rounding_below_zero_does_not_stop_it(): void
    {
        $l = Matrix::factor([[1.0, 1.0], [1.0, 1.0 - 1e-16]]);
        self::assertGreaterThan(0.0, $l[1][1]);
    }
}
