<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Weighted sums of unknowns, as arrays of coefficient by unknown. */
final class Sum
{
    /**
     * @param  array<int, float>  $a
     * @return array<int, float>
     */
    public static function times(array $a, float $by): array
    {
        return array_map(fn (float $c): float => $c * $by, $a);
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     * @return array<int, float>
     */
    public static function less(array $a, array $b): array
    {
        return self::of($a, self::times($b, -1.0));
    }

    /**
     * @param  array<int, float>  ...$parts
     * @return array<int, float>
     */
    public static function of(array ...$parts): array
    {
        $sum = [];
        foreach ($parts as $part) {
            foreach ($part as $i => $c) {
                $sum[$i] = ($sum[$i] ?? 0.0) + $c;
            }
        }

        return $sum;
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $state
     */
    public static function value(array $a, array $state): float
    {
        $sum = 0.0;
        foreach ($a as $i => $c) {
            $sum += $c * $state[$i];
        }

        return $sum;
    }
}
