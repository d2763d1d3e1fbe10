<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Just enough linear algebra for normal equations (symmetric, positive definite). */
final class Matrix
{
    /**
     * @param  list<list<float>>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    public static function solve(array $a, array $b): array
    {
        $columns = self::eliminate($a, array_map(fn (float $x): array => [$x], $b));

        return array_map(fn (array $row): float => $row[0], $columns);
    }

    /**
     * @param  list<list<float>>  $a
     * @return list<list<float>>
     */
    public static function inverse(array $a): array
    {
        $n = count($a);
        $identity = [];
        for ($i = 0; $i < $n; $i++) {
            $identity[] = array_map(fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, $n - 1));
        }

        return self::eliminate($a, $identity);
    }

    /**
     * gᵀ·C·g for a sparse g.
     *
     * @param  array<int, float>  $g
     * @param  list<list<float>>  $c
     */
    public static function quadratic(array $g, array $c): float
    {
        $sum = 0.0;
        foreach ($g as $i => $a) {
            foreach ($g as $j => $b) {
                $sum += $a * $c[$i][$j] * $b;
            }
        }

        return $sum;
    }

    /**
     * Gauss–Jordan with row pivoting.
     *
     * @param  list<list<float>>  $a
     * @param  list<non-empty-list<float>>  $b
     * @return list<non-empty-list<float>>
     */
    private static function eliminate(array $a, array $b): array
    {
        $n = count($a);
        for ($c = 0; $c < $n; $c++) {
            $pivot = $c;
            for ($r = $c + 1; $r < $n; $r++) {
                $pivot = abs($a[$r][$c]) > abs($a[$pivot][$c]) ? $r : $pivot;
            }
            [$a[$c], $a[$pivot], $b[$c], $b[$pivot]] = [$a[$pivot], $a[$c], $b[$pivot], $b[$c]];
            if ($a[$c][$c] === 0.0) {
                throw new \LogicException("Unknown $c is bound by no reading and no assumption.");
            }
            $scale = 1.0 / $a[$c][$c];
            $a[$c] = array_map(fn (float $x): float => $x * $scale, $a[$c]);
            $b[$c] = array_map(fn (float $x): float => $x * $scale, $b[$c]);
            for ($r = 0; $r < $n; $r++) {
                $f = $a[$r][$c];
                if ($r === $c || $f === 0.0) {
                    continue;
                }
                $a[$r] = array_map(fn (float $x, float $y): float => $x - $f * $y, $a[$r], $a[$c]);
                $b[$r] = array_map(fn (float $x, float $y): float => $x - $f * $y, $b[$r], $b[$c]);
            }
        }

        return $b;
    }
}
