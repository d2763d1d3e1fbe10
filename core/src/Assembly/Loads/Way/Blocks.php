<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

/**
 * Equations in blocks of six, symmetric and mostly empty: what each body's six ways to move have to do with those of the bodies it touches.
 * Solved by elimination, the body with the fewest neighbours first (minimum degree), so that little fills up.
 */
final class Blocks
{
    private const N = 6;

    /** Far less than any bond: what nothing holds is moved very far instead of dividing by nothing. */
    private const LEAST = 1e-10;

    /** @var array<int, array<int, list<float>>> six by six, row by row */
    private array $rows = [];

    /** @var list<array{int, list<float>, array<int, list<float>>}> body, the inverse of its own block, and what is left of it in its neighbours */
    private array $done = [];

    public function __construct(int $bodies)
    {
        for ($i = 0; $i < $bodies; $i++) {
            $this->rows[$i][$i] = array_fill(0, self::N * self::N, 0.0);
            for ($k = 0; $k < self::N; $k++) {
                $this->rows[$i][$i][$k * self::N + $k] = self::LEAST;
            }
        }
    }

    /** @param  list<float>  $block  six by six */
    public function add(int $i, int $j, array $block): void
    {
        $own = $this->rows[$i][$j] ?? null;
        $this->rows[$i][$j] = $own === null ? $block : array_map(fn (float $v, float $w): float => $v + $w, $own, $block);
    }

    /** To be called once, when all is added. */
    public function eliminate(): void
    {
        while ($this->rows !== []) {
            $i = $this->fewest();
            $inverse = self::inverse($this->rows[$i][$i]);
            $row = $this->rows[$i];
            unset($row[$i], $this->rows[$i]);
            foreach ($row as $j => $block) {
                $factor = self::times(self::turned($block), $inverse);
                foreach ($row as $k => $other) {
                    $this->add($j, $k, array_map(fn (float $v): float => -$v, self::times($factor, $other)));
                }
                unset($this->rows[$j][$i]);
            }
            $this->done[] = [$i, $inverse, $row];
        }
    }

    /**
     * @param  array<int, list<float>>  $right  six for each body
     * @return array<int, list<float>>
     */
    public function solve(array $right): array
    {
        foreach ($this->done as [$i, $inverse, $row]) {
            $own = self::on($inverse, $right[$i]);
            foreach ($row as $j => $block) {
                $right[$j] = self::less($right[$j], self::on(self::turned($block), $own));
            }
        }
        $found = [];
        foreach (array_reverse($this->done) as [$i, $inverse, $row]) {
            $own = $right[$i];
            foreach ($row as $j => $block) {
                $own = self::less($own, self::on($block, $found[$j]));
            }
            $found[$i] = self::on($inverse, $own);
        }

        return $found;
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    private static function less(array $a, array $b): array
    {
        return array_map(fn (float $v, float $w): float => $v - $w, $a, $b);
    }

    private function fewest(): int
    {
        [$best, $least] = [0, PHP_INT_MAX];
        foreach ($this->rows as $i => $row) {
            [$best, $least] = count($row) < $least ? [$i, count($row)] : [$best, $least];
        }

        return $best;
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    private static function times(array $a, array $b): array
    {
        $product = [];
        for ($i = 0; $i < 36; $i += 6) {
            [$p, $q, $r, $s, $t, $u] = [$a[$i], $a[$i + 1], $a[$i + 2], $a[$i + 3], $a[$i + 4], $a[$i + 5]];
            for ($j = 0; $j < 6; $j++) {
                $product[] = $p * $b[$j] + $q * $b[6 + $j] + $r * $b[12 + $j] + $s * $b[18 + $j] + $t * $b[24 + $j] + $u * $b[30 + $j];
            }
        }

        return $product;
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $v
     * @return list<float>
     */
    private static function on(array $a, array $v): array
    {
        $product = [];
        for ($i = 0; $i < 36; $i += 6) {
            $product[] = $a[$i] * $v[0] + $a[$i + 1] * $v[1] + $a[$i + 2] * $v[2] + $a[$i + 3] * $v[3] + $a[$i + 4] * $v[4] + $a[$i + 5] * $v[5];
        }

        return $product;
    }

    /**
     * @param  list<float>  $a
     * @return list<float>
     */
    private static function turned(array $a): array
    {
        $turned = [];
        for ($i = 0; $i < 6; $i++) {
            array_push($turned, $a[$i], $a[6 + $i], $a[12 + $i], $a[18 + $i], $a[24 + $i], $a[30 + $i]);
        }

        return $turned;
    }

    /**
     * By Gauss and Jordan, the greatest pivot of each column.
     *
     * @param  list<float>  $a
     * @return list<float>
     */
    private static function inverse(array $a): array
    {
        $rows = [];
        for ($i = 0; $i < self::N; $i++) {
            $rows[$i] = [...array_slice($a, self::N * $i, self::N), ...array_map(fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, self::N - 1))];
        }
        for ($c = 0; $c < self::N; $c++) {
            $best = $c;
            for ($r = $c + 1; $r < self::N; $r++) {
                $best = abs($rows[$r][$c]) > abs($rows[$best][$c]) ? $r : $best;
            }
            [$rows[$c], $rows[$best]] = [$rows[$best], $rows[$c]];
            $pivot = $rows[$c][$c];
            $rows[$c] = array_map(fn (float $v): float => $v / $pivot, $rows[$c]);
            for ($r = 0; $r < self::N; $r++) {
                $factor = $rows[$r][$c];
                if ($r !== $c && $factor !== 0.0) {
                    $rows[$r] = array_map(fn (float $v, float $w): float => $v - $factor * $w, $rows[$r], $rows[$c]);
                }
            }
        }

        return array_merge(...array_map(fn (array $row): array => array_slice($row, self::N), array_values($rows)));
    }
}
