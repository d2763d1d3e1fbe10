<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Just enough linear algebra for symmetric, positive definite systems: the Cholesky factor and what follows from it. */
final class Matrix
{
    /**
     * L with L·Lᵀ = a. What rounding leaves at or under zero on the diagonal is taken as a hair above it.
     * Cost: n³/6 multiplications.
     *
     * @param  list<list<float>>  $a
     * @return list<list<float>> lower rows, each up to its diagonal
     */
    public static function factor(array $a): array
    {
        $l = [];
        foreach ($a as $i => $row) {
            $own = [];
            for ($j = 0; $j < $i; $j++) {
                $sum = $row[$j];
                $other = $l[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $own[$k] * $other[$k];
                }
                $own[] = $sum / $other[$j];
            }
            $rest = $row[$i];
            foreach ($own as $x) {
                $rest -= $x * $x;
            }
            $own[] = sqrt(max($rest, 1e-12 * max(1.0, abs($row[$i]))));
            $l[] = $own;
        }

        return $l;
    }

    /**
     * y with L·y = b.
     *
     * @param  list<list<float>>  $l
     * @param  list<float>  $b
     * @return list<float>
     */
    public static function forward(array $l, array $b): array
    {
        $y = [];
        foreach ($l as $i => $row) {
            $sum = $b[$i];
            for ($k = 0; $k < $i; $k++) {
                $sum -= $row[$k] * $y[$k];
            }
            $y[] = $sum / $row[$i];
        }

        return $y;
    }

    /**
     * x with L·Lᵀ·x = b.
     *
     * @param  list<list<float>>  $l
     * @param  list<float>  $b
     * @return list<float>
     */
    public static function solve(array $l, array $b): array
    {
        $x = self::forward($l, $b);
        for ($i = count($l) - 1; $i >= 0; $i--) {
            $x[$i] /= $l[$i][$i];
            for ($k = 0; $k < $i; $k++) {
                $x[$k] -= $l[$i][$k] * $x[$i];
            }
        }

        return array_values($x);
    }

    /**
     * The diagonal of (L·Lᵀ)⁻¹, or its end.
     *
     * @param  list<list<float>>  $l
     * @return array<int, float> from the row asked for on, by row
     */
    public static function inverseDiagonal(array $l, int $from = 0): array
    {
        $n = count($l);
        $diagonal = [];
        for ($c = $from; $c < $n; $c++) {
            $y = [];
            for ($i = $c; $i < $n; $i++) {
                $sum = $i === $c ? 1.0 : 0.0;
                $row = $l[$i];
                for ($k = $c; $k < $i; $k++) {
                    $sum -= $row[$k] * $y[$k - $c];
                }
                $y[] = $sum / $row[$i];
            }
            $diagonal[$c] = (float) array_sum(array_map(fn (float $v): float => $v * $v, $y));
        }

        return $diagonal;
    }
}
