<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Searches for a better layout. First for one that costs less: a sheet is taken away and its parts are left loose; then,
 * again and again, some pieces of some sheets are taken out and all that is loose is laid anew, until nothing is loose or
 * the effort is spent. Then, at the same cost, for one with more of what is left in one piece. A trial is kept when it is
 * no worse than the last, or than the one some trials ago. Bounded by a count and seeded: the same call gives the same layout.
 * Sources: Gardeyn & Wauters, "A goal-driven ruin and recreate heuristic for the 2D variable-sized bin packing problem with
 * guillotine constraints", EJOR 301 (2022); Burke & Bykov, "The late acceptance hill-climbing heuristic", EJOR 258 (2017).
 */
final class Improver
{
    public const USUAL_EFFORT = 5;

    public const TRIES_PER_EFFORT = 4000;

    /** The share of the tries that may go into gathering what is left over. */
    private const GATHERING = 0.25;

    private const MEMORY = 20;

    private const MOST_BOARDS = 3;

    private const MOST_PIECES = 5;

    private const WHOLE_PERCENT = 8;

    private const NOISE_PERCENT = 10;

    /** What gathered leftovers weigh against a sheet's area of loose parts. */
    private const GATHERED_WEIGHT = 0.02;

    private readonly Randomizer $random;

    private int $tries = 0;

    private int $most;

    private bool $goesOn = true;

    public function __construct(private readonly int $effort, int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        $this->most = $effort * self::TRIES_PER_EFFORT;
    }

    /**
     * @param  list<Item>  $items
     * @param  \Closure(Nested, float): bool  $offer  called with each better layout and now and then with the same one,
     *                                               and the share of the search done; false ends the search
     */
    public function improve(array $items, Nested $start, \Closure $offer): Nested
    {
        [$fitting] = Nester::sorted($items, $start->stock);
        if ($this->effort === 0 || $fitting === []) {
            return $start;
        }
        $job = new Job($fitting, $start->stock);
        $best = $start;
        $told = function (?Filling $found) use (&$best, $job, $start, $offer): bool {
            $best = $found?->nested($job, $start->unplaced, $start->leastCost) ?? $best;

            return $offer($best, $this->tries / $this->most);
        };
        $filling = $this->cheaper(Filling::of($start, $job), $job, $start->leastCost, $told);
        $this->gathered($filling, $job, $told);

        return $best->isBetterThan($start) ? $best : $start;
    }

    /** @param  \Closure(?Filling): bool  $told */
    private function cheaper(Filling $best, Job $job, int $leastCost, \Closure $told): Filling
    {
        $limit = (int) ($this->most * (1 - self::GATHERING));
        while ($best->cost > $leastCost && $this->tries < $limit && $this->goesOn) {
            $found = $this->search($this->without($best, $job), $job, $best->cost - 1, $limit, true, $told);
            if ($found === null) {
                break;
            }
            $best = $found;
            $this->goesOn = $told($best);
        }

        return $best;
    }

    /** @param  \Closure(?Filling): bool  $told */
    private function gathered(Filling $best, Job $job, \Closure $told): void
    {
        $limit = min($this->most, $this->tries + (int) ($this->most * self::GATHERING));
        if ($this->goesOn && count($best->boards) > 1) {
            $found = $this->search($best, $job, $best->cost, $limit, false, $told);
            if ($found !== null) {
                $told($found);
            }
        }
    }

    /**
     * @param  bool  $first  whether the first layout with nothing loose will do
     * @param  \Closure(?Filling): bool  $told
     * @return Filling|null the best one with nothing loose
     */
    private function search(Filling $current, Job $job, int $budget, int $limit, bool $first, \Closure $told): ?Filling
    {
        $packer = new Packer($job);
        [$value, $least, $best] = [$this->value($current, $job), INF, null];
        $memory = array_fill(0, self::MEMORY, $value);
        for (; $this->tries < $limit && $this->goesOn; $this->tries++) {
            $trial = clone $current;
            $loose = $this->ruined($trial);
            $trial->loose = [];
            $packer->place($trial, $this->order($loose, $job), $this->any(Fitting::cases()), $this->any(Splitting::cases()), $budget);
            if ($first && $trial->loose === []) {
                return $trial;
            }
            $new = $this->value($trial, $job);
            if ($new < $least && $trial->loose === []) {
                [$least, $best] = [$new, $trial];
            }
            $at = $this->tries % self::MEMORY;
            if ($new <= $value || $new <= $memory[$at]) {
                [$current, $value] = [$trial, $new];
            }
            $memory[$at] = min($memory[$at], $value);
            if ($this->tries % 50 === 49) {
                $this->goesOn = $told(null);
            }
        }

        return $best;
    }

    /** The area of what is loose, in sheets; the less the more of what is left is in one piece. */
    private function value(Filling $filling, Job $job): float
    {
        $loose = 0;
        foreach ($filling->loose as $item) {
            $loose += $job->area[$item];
        }

        return $loose / $job->sheetArea - self::GATHERED_WEIGHT * $filling->gathered($job);
    }

    /** The layout less the sheet that is bought and holds least. */
    private function without(Filling $filling, Job $job): Filling
    {
        $filling = clone $filling;
        $held = [];
        foreach ($filling->boards as $at => $board) {
            if ($job->stock->cost($board->kind) > 0) {
                $held[$at] = array_sum(array_map(fn (int $i): int => $job->area[$i], $board->items()));
            }
        }
        asort($held);
        $at = (int) array_key_first($held);
        array_push($filling->loose, ...$filling->boards[$at]->items());
        $filling->remove($at, $job->stock->cost($filling->boards[$at]->kind));

        return $filling;
    }

    /** @return list<int> what is loose, after some pieces of some sheets were taken out */
    private function ruined(Filling $filling): array
    {
        $loose = $filling->loose;
        $ats = array_keys($filling->boards);
        for ($i = min(count($ats), $this->random->getInt(1, self::MOST_BOARDS)); $i > 0; $i--) {
            $board = $filling->own($this->any($ats));
            $taken = $board->taken();
            foreach ($this->random->getInt(0, 99) < self::WHOLE_PERCENT ? $taken : $this->some($taken) as $n) {
                array_push($loose, ...$board->clear($n));
            }
        }

        return $loose;
    }

    /**
     * @param  list<int>  $taken
     * @return list<int>
     */
    private function some(array $taken): array
    {
        return $taken === [] ? [] : array_map(fn (): int => $this->any($taken), range(1, $this->random->getInt(1, self::MOST_PIECES)));
    }

    /**
     * Largest first by one measure of large, each blurred a little.
     *
     * @param  list<int>  $loose
     * @return list<int>
     */
    private function order(array $loose, Job $job): array
    {
        $sizes = $this->any($job->sizes);
        $keys = [];
        foreach ($loose as $item) {
            $keys[$item] = -$sizes[$item] * (100 + $this->random->getInt(-self::NOISE_PERCENT, self::NOISE_PERCENT));
        }
        asort($keys);

        return array_keys($keys);
    }

    /**
     * @template T
     *
     * @param  list<T>  $list  of one or more
     * @return T
     */
    private function any(array $list): mixed
    {
        return $list[$this->random->getInt(0, count($list) - 1)];
    }
}
