<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/**
 * The fewest sheets that could ever hold the parts. A kerf-wide strip on two sides of each part overlaps nothing,
 * so parts of (l + kerf) × (w + kerf) pack into (L + kerf) × (W + kerf); the guillotine rule is dropped.
 * Source: Fekete & Schepers, "A general framework for bounds for higher-dimensional orthogonal packing problems",
 * Math. Meth. Oper. Res. 60 (2004): with dual feasible f and g, Σ f(l)·g(w) ≤ capacity holds for every sheet.
 * f is the identity or U^k (under k counts nothing, over C − k counts all). A part free to turn counts its lesser side up.
 */
final class LowerBound
{
    private const MOST_THRESHOLDS = 24;

    /** @param  list<Item>  $items each fits an empty sheet */
    public static function sheets(array $items, Stock $stock): int
    {
        $sizes = self::inflated($items, $stock);
        $capL = $stock->usableLength() + $stock->kerf;
        $capW = $stock->usableWidth() + $stock->kerf;
        $bound = $items === [] ? 0 : 1;
        foreach (self::thresholds(array_merge(...array_map(self::alongLength(...), $sizes), ...[[]]), $capL) as $p) {
            foreach (self::thresholds(array_merge(...array_map(self::alongWidth(...), $sizes), ...[[]]), $capW) as $q) {
                $sum = 0.0;
                foreach ($sizes as [$options, $count]) {
                    $least = INF;
                    foreach ($options as [$l, $w]) {
                        $least = min($least, self::share($l, $p, $capL) * self::share($w, $q, $capW));
                    }
                    $sum += $count * $least;
                }
                // Shares are floats of exact integers: a hair is given away so that rounding can never claim too much.
                $bound = max($bound, (int) ceil($sum - 1e-9));
            }
        }

        return $bound;
    }

    /** U^k as a share of the capacity; k = 0 is the identity. */
    private static function share(int $x, int $k, int $capacity): float
    {
        return match (true) {
            $x > $capacity - $k => 1.0,
            $x < $k => 0.0,
            default => $x / $capacity,
        };
    }

    /**
     * @param  list<Item>  $items
     * @return list<array{non-empty-list<array{int, int}>, int}> ways a part may lie, and how many there are of it
     */
    private static function inflated(array $items, Stock $stock): array
    {
        $sizes = [];
        foreach ($items as $item) {
            $options = [];
            foreach ($item->orientations() as [$l, $w]) {
                if ($l <= $stock->usableLength() && $w <= $stock->usableWidth()) {
                    $options[] = [$l + $stock->kerf, $w + $stock->kerf];
                }
            }
            if ($options === []) {
                continue;
            }
            $key = json_encode($options, JSON_THROW_ON_ERROR);
            $sizes[$key] = [$options, ($sizes[$key][1] ?? 0) + 1];
        }

        return array_values($sizes);
    }

    /**
     * @param  array{non-empty-list<array{int, int}>, int}  $size
     * @return list<int>
     */
    private static function alongLength(array $size): array
    {
        return array_column($size[0], 0);
    }

    /**
     * @param  array{non-empty-list<array{int, int}>, int}  $size
     * @return list<int>
     */
    private static function alongWidth(array $size): array
    {
        return array_column($size[0], 1);
    }

    /**
     * @param  list<int>  $values
     * @return list<int> 0 and the useful k ≤ C/2, thinned evenly where there are many
     */
    private static function thresholds(array $values, int $capacity): array
    {
        $ks = [intdiv($capacity, 2) => true];
        foreach ($values as $x) {
            $k = 2 * $x <= $capacity ? $x : $capacity - $x + 1;
            $ks[$k] = true;
        }
        $ks = array_keys($ks);
        sort($ks);
        $ks = array_values(array_filter($ks, fn (int $k): bool => $k > 0 && 2 * $k <= $capacity));
        $n = count($ks);
        if ($n > self::MOST_THRESHOLDS) {
            $ks = array_map(fn (int $i): int => $ks[intdiv($i * ($n - 1), self::MOST_THRESHOLDS - 1)], range(0, self::MOST_THRESHOLDS - 1));
        }

        return [0, ...$ks];
    }
}
