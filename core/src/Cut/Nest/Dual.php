<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/**
 * Dual feasible functions on [0, capacity], as shares: whenever Σ x ≤ capacity, Σ f(x) ≤ 1. All are superadditive, so that
 * a shorter sheet holds at most f(its length). Sources: U^k, Martello & Toth (Knapsack Problems, 1990); u^k, Fekete & Schepers,
 * Math. Prog. 91 (2001); f2^k, Carlier, Clautiaux & Moukrim, Comput. Oper. Res. 34 (2007).
 */
final readonly class Dual
{
    public const MOST_STEPS = 12;

    /** @var list<array<int, float>> by function, by size: its share */
    public array $shares;

    /**
     * @param  non-empty-list<int>  $sizes  all that occur, and the sheets'
     * @param  int  $most  thresholds at most: fewer only weaken the bound
     */
    public function __construct(array $sizes, private int $capacity, int $most)
    {
        $sizes = array_values(array_unique(array_filter($sizes, fn (int $x): bool => $x <= $capacity)));
        $all = [$this->each($sizes, fn (int $x): float => $x / $capacity)];
        foreach ($this->thresholds($sizes, $most) as $k) {
            $all[] = $this->each($sizes, fn (int $x): float => $x > $capacity - $k ? 1.0 : ($x < $k ? 0.0 : $x / $capacity));
            $all[] = $this->each($sizes, fn (int $x): float => $this->halves($x, $k));
        }
        for ($k = 1; $k <= self::MOST_STEPS; $k++) {
            $all[] = $this->each($sizes, fn (int $x): float => ($k + 1) * $x % $capacity === 0 ? $x / $capacity : intdiv(($k + 1) * $x, $capacity) / $k);
        }
        $this->shares = array_values(array_unique($all, SORT_REGULAR));
    }

    private function halves(int $x, int $k): float
    {
        $c = intdiv($this->capacity, $k);

        return match (true) {
            2 * $x > $this->capacity => 2 * ($c - intdiv($this->capacity - $x, $k)),
            2 * $x === $this->capacity => $c,
            default => 2 * intdiv($x, $k),
        } / (2 * $c);
    }

    /**
     * @param  list<int>  $sizes
     * @param  \Closure(int): float  $f
     * @return array<int, float>
     */
    private function each(array $sizes, \Closure $f): array
    {
        return array_combine($sizes, array_map($f, $sizes));
    }

    /**
     * @param  list<int>  $sizes
     * @return list<int> the k ≤ capacity/2 at which something changes, thinned evenly where there are many
     */
    private function thresholds(array $sizes, int $most): array
    {
        $ks = [intdiv($this->capacity, 2) => true];
        foreach ($sizes as $x) {
            $ks[2 * $x <= $this->capacity ? $x : $this->capacity - $x + 1] = true;
        }
        $ks = array_values(array_filter(array_keys($ks), fn (int $k): bool => $k > 0 && 2 * $k <= $this->capacity));
        sort($ks);
        $n = count($ks);

        return $n <= $most ? $ks : array_map(fn (int $i): int => $ks[intdiv($i * ($n - 1), $most - 1)], range(0, $most - 1));
    }
}
