<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/**
 * Whether lengths go into so many sticks of each kind: stick by stick, the longest length left first with every way to
 * fill up beside it, as long as no more is wasted than there is to waste.
 * Source: Korf, "A new algorithm for optimal bin packing", AAAI (2002), without its dominance test.
 */
final class Completion
{
    private const MOST_NODES = 30_000;

    private int $nodes = 0;

    /** @var list<array{int, array<int, int>}> */
    private array $filled = [];

    /**
     * @param  list<int>  $sizes  different lengths with their kerf, longest first
     * @param  list<int>  $rooms  clear length with one kerf of each kind of stick
     */
    public function __construct(private readonly array $sizes, private readonly array $rooms)
    {
    }

    /**
     * @param  list<int>  $demand  of each size
     * @param  list<int>  $sticks  of each kind
     * @return list<array{int, array<int, int>}>|bool kind of stick and how many of each size, for each; false when it cannot be; true when that was not settled
     */
    public function in(array $demand, array $sticks): array|bool
    {
        $this->nodes = 0;
        $this->filled = [];
        $waste = array_sum(array_map(fn (int $n, int $room): int => $n * $room, $sticks, $this->rooms))
            - array_sum(array_map(fn (int $n, int $size): int => $n * $size, $demand, $this->sizes));
        $found = $waste >= 0 && $this->next($demand, $sticks, $waste);

        return $found ? $this->filled : $this->isCutShort();
    }

    private function isCutShort(): bool
    {
        return $this->nodes > self::MOST_NODES;
    }

    /**
     * @param  array<int, int>  $demand
     * @param  array<int, int>  $sticks
     */
    private function next(array $demand, array $sticks, int $waste): bool
    {
        $first = array_key_first(array_filter($demand));
        if ($first === null) {
            return true;
        }
        $demand[$first]--;
        foreach ($sticks as $k => $n) {
            if ($n === 0 || $this->rooms[$k] < $this->sizes[$first]) {
                continue;
            }
            $sticks[$k]--;
            if ($this->complete($demand, $sticks, $waste, OpenStick::begun($k, $this->rooms[$k])->with($first, $this->sizes[$first]))) {
                return true;
            }
            $sticks[$k]++;
        }

        return false;
    }

    /**
     * @param  array<int, int>  $demand
     * @param  array<int, int>  $sticks
     */
    private function complete(array $demand, array $sticks, int $waste, OpenStick $stick): bool
    {
        if (++$this->nodes > self::MOST_NODES) {
            return false;
        }
        for ($i = $stick->from, $n = count($this->sizes); $i < $n; $i++) {
            if ($demand[$i] === 0 || $this->sizes[$i] > $stick->room) {
                continue;
            }
            $demand[$i]--;
            if ($this->complete($demand, $sticks, $waste, $stick->with($i, $this->sizes[$i]))) {
                return true;
            }
            $demand[$i]++;
        }
        if ($stick->room > $waste) {
            return false;
        }
        $this->filled[] = [$stick->kind, $stick->own];
        if ($this->next($demand, $sticks, $waste - $stick->room)) {
            return true;
        }
        array_pop($this->filled);

        return false;
    }
}
