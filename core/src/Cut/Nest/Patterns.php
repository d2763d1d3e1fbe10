<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/**
 * The least that lumber for the parts can cost: the linear relaxation over cutting patterns, solved by generating the
 * patterns as they are wanted. Sources: Gilmore & Gomory, "A linear programming approach to the cutting-stock problem",
 * Oper. Res. 9 (1961); Farley, "A note on bounding a class of linear programming problems, including cutting stock
 * problems", Oper. Res. 38 (1990): with duals y ≥ 0, Σ d·y divided by the dearest pattern's worth for its cost is a bound
 * whatever the duals, so that no rounding error can claim too much.
 */
final class Patterns
{
    private const MOST_ROUNDS = 400;

    private const HAIR = 1e-7;

    /** @var array<int, array<int, float>> inverse of the basis */
    private array $inverse = [];

    /** @var array<int, float> */
    private array $costs = [];

    /** @var array<int, float> how much of each pattern in the basis */
    private array $amounts = [];

    /** @var list<array{float, list<float>}> what the parts are worth at some duals, and at most what fits each stick then */
    private array $cuts = [];

    /** @var array<int, array{int, array<int, int>}> each pattern in the basis: its stick, and how many of each length */
    private array $patterns = [];

    /**
     * @param  non-empty-list<int>  $sizes  different lengths, each with its kerf, longest first
     * @param  non-empty-list<int>  $demand  how many of each
     * @param  non-empty-list<array{int, int}>  $sticks  clear length with one kerf, and cost, of each that can be bought without end
     */
    public function __construct(private readonly array $sizes, private readonly array $demand, private readonly array $sticks)
    {
    }

    /** @return float nothing costs less */
    public function leastCost(): float
    {
        $this->begin();
        $best = 0.0;
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $duals = $this->duals();
            [$worth, $pattern, $stick] = $this->dearest($duals);
            $value = array_sum(array_map(fn (float $y, int $d): float => $y * $d, $duals, $this->demand));
            $best = max($best, $value / max(1.0, $worth));
            if ($pattern === null || $worth <= 1 + self::HAIR || ! $this->enter($pattern, $stick)) {
                break;
            }
        }

        return $best;
    }

    /**
     * The least that whole sticks can cost: at any duals they must hold what the parts are worth. For one length or two.
     * The duals are those met on the way to leastCost(), and on the way where one of two lengths costs more or less.
     */
    public function leastWhole(): int
    {
        foreach (count($this->sticks) === 2 ? [0.75, 0.9, 1.1, 1.3] : [] as $dearer) {
            $sticks = [$this->sticks[0], [$this->sticks[1][0], (int) round($this->sticks[1][1] * $dearer)]];
            $other = new self($this->sizes, $this->demand, $sticks);
            $other->leastCost();
            array_push($this->cuts, ...$other->cuts);
        }
        $least = PHP_INT_MAX;
        $alone = $this->stillNeeded(0, 0);
        for ($n = 0; $n <= $alone; $n++) {
            $more = count($this->sticks) === 1 ? ($this->stillNeeded($n, 0) > 0 ? null : 0) : $this->stillNeeded($n, 1);
            $least = $more === null ? $least : min($least, $n * $this->sticks[0][1] + $more * ($this->sticks[1][1] ?? 0));
        }

        return $least;
    }

    /**
     * Sets of whole sticks that cost less than this and are not ruled out by what they hold, the cheapest first.
     *
     * @return list<array{int, list<int>}> cost, and how many of each; for one length or two, call after leastWhole()
     */
    public function cheaperThan(int $cost): array
    {
        $sets = [];
        $alone = $this->stillNeeded(0, 0);
        for ($n = 0; $n <= $alone; $n++) {
            $more = count($this->sticks) === 1 ? 0 : $this->stillNeeded($n, 1);
            if (count($this->sticks) === 1 && $n < $alone) {
                continue;
            }
            for (; ($sum = $n * $this->sticks[0][1] + $more * ($this->sticks[1][1] ?? 0)) < $cost; $more++) {
                $sets[] = [$sum, count($this->sticks) === 1 ? [$n] : [$n, $more]];
                if (count($this->sticks) === 1) {
                    break;
                }
            }
        }
        sort($sets);

        return $sets;
    }

    /** How many of stick k are needed at least beside n of the first. */
    private function stillNeeded(int $n, int $k): int
    {
        $needed = 0;
        foreach ($this->cuts as [$worth, $fits]) {
            $rest = $worth - $n * $fits[0] - self::HAIR * max(1.0, $worth);
            $needed = max($needed, $rest <= 0 ? 0 : (int) ceil($rest / max(1e-12, $fits[$k])));
        }

        return $needed;
    }

    /**
     * The patterns of the relaxation that are wanted whole, each as often as it is; where none is, the one wanted most, once.
     * What they cut is cut; what is left is a smaller job of the same kind. Call after leastCost().
     *
     * @return list<array{int, array<int, int>, int}> stick, how many of each length, how often
     */
    public function firm(): array
    {
        $firm = [];
        foreach ($this->amounts as $r => $amount) {
            $often = (int) floor($amount + self::HAIR);
            array_push($firm, ...($often > 0 ? [[...$this->patterns[$r], $often]] : []));
        }
        if ($firm === []) {
            arsort($this->amounts);
            $firm = [[...$this->patterns[array_key_first($this->amounts) ?? 0], 1]];
        }

        return $firm;
    }

    /** Each length alone on the cheapest stick for it, as often as it fits. */
    private function begin(): void
    {
        $this->inverse = [];
        foreach ($this->sizes as $i => $size) {
            $best = null;
            foreach ($this->sticks as $s => [$length, $cost]) {
                $n = min($this->demand[$i], intdiv($length, $size));
                if ($n > 0 && ($best === null || $cost / $n < $best[0] / $best[1])) {
                    $best = [$cost, $n, $s];
                }
            }
            [$cost, $n, $stick] = $best ?? throw new \LogicException('A part is longer than every stick.');
            $this->inverse[$i] = array_fill(0, count($this->sizes), 0.0);
            $this->inverse[$i][$i] = 1.0 / $n;
            $this->costs[$i] = (float) $cost;
            $this->amounts[$i] = $this->demand[$i] / $n;
            $this->patterns[$i] = [$stick, [$i => $n]];
        }
    }

    /** @return array<int, float> what one more of each length is worth, never below nothing */
    private function duals(): array
    {
        $duals = array_fill(0, count($this->sizes), 0.0);
        foreach ($this->inverse as $r => $row) {
            foreach ($row as $i => $x) {
                $duals[$i] += $this->costs[$r] * $x;
            }
        }

        return array_map(fn (float $y): float => max(0.0, $y), $duals);
    }

    /**
     * @param  array<int, float>  $duals
     * @return array{float, array<int, int>|null, int} worth of the dearest pattern for its cost (at most), the pattern, its stick
     */
    private function dearest(array $duals): array
    {
        $most = [0.0, null, 0];
        $fits = [];
        $order = array_keys(array_filter($duals, fn (float $y): bool => $y > self::HAIR));
        usort($order, fn (int $a, int $b): int => $duals[$b] / $this->sizes[$b] <=> $duals[$a] / $this->sizes[$a]);
        $filling = new DearestFilling($order, $this->sizes, $this->demand, $duals);
        foreach ($this->sticks as $s => [$length, $cost]) {
            [$above, $pattern] = $filling->of($length);
            $fits[] = $above;
            if ($above / $cost > $most[0]) {
                $most = [$above / $cost, $pattern, $s];
            }
        }

        $this->cuts[] = [array_sum(array_map(fn (float $y, int $d): float => $y * $d, $duals, $this->demand)), $fits];

        return $most;
    }

    /** @param  array<int, int>  $pattern */
    private function enter(array $pattern, int $stick): bool
    {
        $direction = array_map(fn (array $row): float => array_sum(array_map(fn (int $i, int $a): float => $row[$i] * $a, array_keys($pattern), $pattern)),
            $this->inverse);
        $leaves = null;
        foreach ($direction as $r => $d) {
            if ($d > 1e-9 && ($leaves === null || $this->amounts[$r] / $d < $this->amounts[$leaves] / $direction[$leaves])) {
                $leaves = $r;
            }
        }
        if ($leaves === null) {
            return false;
        }
        $pivot = array_map(fn (float $x): float => $x / $direction[$leaves], $this->inverse[$leaves]);
        $amount = $this->amounts[$leaves] / $direction[$leaves];
        foreach ($this->inverse as $r => $row) {
            $this->amounts[$r] -= $amount * $direction[$r];
            $this->inverse[$r] = array_map(fn (float $x, float $p): float => $x - $direction[$r] * $p, $row, $pivot);
        }
        [$this->inverse[$leaves], $this->amounts[$leaves], $this->costs[$leaves],
            $this->patterns[$leaves]] = [$pivot, $amount, (float) $this->sticks[$stick][1], [$stick, $pattern]];

        return true;
    }
}
