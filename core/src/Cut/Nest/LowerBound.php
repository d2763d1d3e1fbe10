<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/**
 * The least that sheets for the parts could ever cost. A kerf-wide strip on two sides of each part overlaps nothing,
 * so parts of (l + kerf) × (w + kerf) pack into (L + kerf) × (W + kerf); the guillotine rule is dropped.
 * Source: Fekete & Schepers, "A general framework for bounds for higher-dimensional orthogonal packing problems",
 * Math. Meth. Oper. Res. 60 (2004): with dual feasible f and g, Σ f(l)·g(w) ≤ f(L)·g(W) holds for every sheet.
 * A part free to turn counts its lesser way up; on square sheets the mean of both, as a plan and its mirror image hold each twice.
 */
final class LowerBound
{
    /** Functions × functions × sizes looked at, at most. */
    private const LOOKS = 400_000;

    /** A hair is given away, so that rounding can never claim too much. */
    private const HAIR = 1e-9;

    private const MOST_COUNTED = 40;

    /**
     * @param  list<Item>  $items  each fits an empty sheet
     * @param  int  $enough  a cost known to do: as soon as the bound reaches it, it is proved
     * @return int see Stock::cost
     */
    public static function cost(array $items, Stock $stock, int $enough = PHP_INT_MAX): int
    {
        if ($items === []) {
            return 0;
        }
        $kinds = array_map(fn (SheetKind $k): array => [
            $k->usable()->length + $stock->kerf, $k->usable()->width + $stock->kerf, $stock->cost($k), $k->limit,
        ], $stock->kinds);
        $sizes = self::sizes($items, $stock, $kinds);
        [$capL, $capW] = [max(array_column($kinds, 0)), max(array_column($kinds, 1))];
        $most = (int) max(3, (sqrt(self::LOOKS / count($sizes)) - Dual::MOST_STEPS) / 2);
        $both = array_filter($sizes, fn (array $s): bool => $s[2]);
        $alongL = new Dual([...array_column($sizes, 0), ...array_column($both, 1), ...array_column($kinds, 0)], $capL, $most);
        $alongW = new Dual([...array_column($sizes, 1), ...array_column($both, 0), ...array_column($kinds, 1)], $capW, $most);
        $isMean = count($kinds) === 1 && $capL === $capW && $both !== [];
        $bound = 0;
        // By place in the list, not by size: what follows is done for every pair of functions.
        $byG = array_map(fn (array $g): array => self::listed($g, $sizes), $alongW->shares);
        $turns = array_column($sizes, 2);
        foreach ($alongL->shares as $f) {
            $fs = self::counted($f, $sizes);
            foreach ($alongW->shares as $n => $g) {
                $demand = $isMean ? self::mean($fs, $byG[$n]) : self::lesser($turns, $fs, $byG[$n]);
                $bound = max($bound, self::covering($demand - self::HAIR, $kinds, $f, $g));
                if ($bound >= $enough) {
                    return $bound;
                }
            }
        }

        return $bound;
    }

    /**
     * @param  array<int, float>  $f
     * @param  list<array{int, int, bool, int}>  $sizes
     * @return array{list<float>, list<float>} of each length and of each width
     */
    private static function listed(array $f, array $sizes): array
    {
        return [array_map(fn (array $s): float => $f[$s[0]] ?? 0.0, $sizes), array_map(fn (array $s): float => $f[$s[1]] ?? 0.0, $sizes)];
    }

    /**
     * @param  array<int, float>  $f
     * @param  list<array{int, int, bool, int}>  $sizes
     * @return array{list<float>, list<float>} as listed, times how many of the size there are
     */
    private static function counted(array $f, array $sizes): array
    {
        return [array_map(fn (array $s): float => ($f[$s[0]] ?? 0.0) * $s[3], $sizes), array_map(fn (array $s): float => ($f[$s[1]] ?? 0.0) * $s[3], $sizes)];
    }

    /**
     * @param  list<bool>  $turns  whether both ways are open to a size
     * @param  array{list<float>, list<float>}  $f  of each length and of each width, times how many there are
     * @param  array{list<float>, list<float>}  $g
     */
    private static function lesser(array $turns, array $f, array $g): float
    {
        [[$fl, $fw], [$gl, $gw]] = [$f, $g];
        $sum = 0.0;
        foreach ($fl as $i => $share) {
            $share *= $gw[$i];
            if ($turns[$i] && ($other = $fw[$i] * $gl[$i]) < $share) {
                $share = $other;
            }
            $sum += $share;
        }

        return $sum;
    }

    /**
     * @param  array{list<float>, list<float>}  $f  of a square sheet, times how many there are
     * @param  array{list<float>, list<float>}  $g
     */
    private static function mean(array $f, array $g): float
    {
        $sum = 0.0;
        foreach ($f[0] as $i => $share) {
            $sum += ($share * $g[1][$i] + $f[1][$i] * $g[0][$i]) / 2;
        }

        return $sum;
    }

    /**
     * The least that sheets holding so much could cost: those that cost nothing hold what they can, then whole sheets
     * of one size, or of several sizes by the best cost for what is held.
     *
     * @param  non-empty-list<array{int, int, int, int|null}>  $kinds  length and width with the kerf, cost, how many there are
     * @param  array<int, float>  $f
     * @param  array<int, float>  $g
     */
    private static function covering(float $demand, array $kinds, array $f, array $g): int
    {
        $bought = [];
        foreach ($kinds as [$l, $w, $cost, $limit]) {
            $holds = $f[$l] * $g[$w];
            if ($cost === 0) {
                $demand -= ($limit ?? INF) * $holds;
            } elseif ($holds > 0) {
                $bought[] = [$cost, $holds];
            }
        }
        if ($demand <= 0 || $bought === []) {
            return 0;
        }
        if (count($bought) === 1) {
            return (int) ceil($demand / $bought[0][1] - self::HAIR) * $bought[0][0];
        }

        return self::cheapest($demand, $bought);
    }

    /**
     * Whole sheets of the first size, from none to all; what is left by the same rule, the last size in whole sheets.
     *
     * @param  non-empty-list<array{int, float}>  $bought  cost and what one holds
     */
    private static function cheapest(float $demand, array $bought): int
    {
        [$cost, $holds] = array_shift($bought);
        $all = max(0, (int) ceil($demand / $holds - self::HAIR));
        if ($bought === [] || $all > self::MOST_COUNTED) {
            $rates = [$cost / $holds, ...array_map(fn (array $b): float => $b[0] / $b[1], $bought)];

            return $bought === [] ? $all * $cost : (int) ceil($demand * min($rates) - self::HAIR);
        }
        $least = $all * $cost;
        for ($n = 0; $n < $all; $n++) {
            $least = min($least, $n * $cost + self::cheapest($demand - $n * $holds, $bought));
        }

        return $least;
    }

    /**
     * Parts of one size counted together, each with the way or ways it may lie.
     *
     * @param  list<Item>  $items
     * @param  list<array{int, int, int, int|null}>  $kinds
     * @return list<array{int, int, bool, int}> extents with the kerf, whether both ways are open, how many
     */
    private static function sizes(array $items, Stock $stock, array $kinds): array
    {
        $sizes = [];
        foreach ($items as $item) {
            $ways = [];
            foreach ($item->orientations() as [$l, $w]) {
                [$l, $w] = [$l + $stock->kerf, $w + $stock->kerf];
                if (array_filter($kinds, fn (array $k): bool => $l <= $k[0] && $w <= $k[1]) !== []) {
                    $ways[] = [$l, $w];
                }
            }
            if ($ways === []) {
                continue;
            }
            $key = implode(' ', array_merge(...$ways));
            $sizes[$key] = [...$ways[0], count($ways) > 1, ($sizes[$key][3] ?? 0) + 1];
        }

        return array_values($sizes);
    }
}
