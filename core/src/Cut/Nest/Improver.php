<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Searches for a better layout. Where sheets are too few, for one that holds all. Else first for one that costs less: a sheet
 * is taken away and its parts are left loose; then, again and again, some pieces of some sheets are taken out and all that is
 * loose is laid anew, until nothing is loose or the effort is spent. Then, at the same cost, for one with fewer settings of the
 * fence and more of what is left in one piece; and on one sheet more, for clearly fewer settings. A trial is kept when it is no
 * worse than the last, or than the one some trials ago. Bounded by a count and seeded: the same call gives the same layout.
 * Sources: Gardeyn & Wauters, "A goal-driven ruin and recreate heuristic for the 2D variable-sized bin packing problem with
 * guillotine constraints", EJOR 301 (2022); Burke & Bykov, "The late acceptance hill-climbing heuristic", EJOR 258 (2017).
 */
final class Improver
{
    public const USUAL_EFFORT = 5;

    public const TRIES_PER_EFFORT = 2000;

    /** A list longer than this gets more tries, in proportion; for less to buy, up to so many times as many. */
    private const LONG_LIST = 60;

    private const MOST_FOR_FEWER = 1.5;

    /** How much more a long list gets for fewer settings and larger leftovers, in proportion to what it is longer by. */
    private const LONG_TIDYING = 1.9;

    /** The share of the tries for one sheet more. */
    private const ROOMIER = 0.1;

    private const MEMORY = 20;

    private const MOST_BOARDS = 3;

    private const MOST_PIECES = 5;

    private const WHOLE_PERCENT = 8;

    private const NOISE_PERCENT = 10;

    private const SETTINGS_PERCENT = 65;

    /** What a layout is charged, in settings of the fence: for each sheet's area of loose parts. */
    private const SHEET_OF_LOOSE = 1000;

    private readonly Randomizer $random;

    private int $tries = 0;

    /** @var array{fewer: int, tidying: int, roomier: int} tries for each */
    private array $most = ['fewer' => 0, 'tidying' => 0, 'roomier' => 0];

    private bool $goesOn = true;

    private Job $job;

    /** @var \Closure(?Filling): bool what is found is told, and whether to go on */
    private \Closure $told;

    /** Whether what is left over counts for nothing. */
    private bool $settingsOnly = false;

    public function __construct(private readonly int $effort, int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /**
     * @param  list<Item>  $items
     * @param  \Closure(Nested, float): bool  $offer  called with each better layout and now and then with the same one,
     *                                               and the share of the search done; false ends the search
     */
    public function improve(array $items, Nested $start, \Closure $offer): Nested
    {
        $locked = array_merge(...array_map(fn (LaidSheet $s): array => $s->locked, $start->sheets));
        $free = array_values(array_filter($items, fn (Item $i): bool => ! in_array($i->id, $locked, true)));
        [$fitting, $unfit] = Nester::sorted($free, $start->stock);
        if ($this->effort === 0 || $fitting === []) {
            return $start;
        }
        $job = $this->job = new Job($fitting, $start->stock);
        $long = max(1, count($fitting) / self::LONG_LIST);
        $half = $this->effort * self::TRIES_PER_EFFORT / 2;
        $this->most = [
            'fewer' => (int) ($half * min(self::MOST_FOR_FEWER, $long)),
            'tidying' => (int) ($half * (1 + self::LONG_TIDYING * ($long - 1))),
            'roomier' => (int) ($half * 2 * self::ROOMIER * $long),
        ];
        $best = $start;
        $told = $this->told = function (?Filling $found) use (&$best, $job, $start, $unfit, $offer): bool {
            $nested = $found?->nested($job, $unfit, $start->leastCost);
            // What is laid where something was taken out may ask for other cuts than the saws can make.
            $best = $nested?->isBetterThan($best) && ($nested->isSawable() || ! $start->isSawable()) ? $nested : $best;

            return $this->goesOn && $offer($best, min(1.0, $this->tries / array_sum($this->most)));
        };
        $laid = Filling::of($start, $job);
        if ($laid === null) {
            return $start;
        }
        if ($laid->loose !== []) {
            $told($this->search($laid, PHP_INT_MAX, $this->most['fewer'] + $this->most['tidying'], true));

            return $best;
        }
        $filling = $this->cheaper($laid, $start->leastCost);
        if ($this->goesOn) {
            $filling = $this->tidied($filling, array_values(array_filter($start->sheets, fn (LaidSheet $s): bool => $s->locked !== [])));
        }
        $roomier = $this->goesOn ? $this->roomier($filling)?->nested($job, $unfit, $start->leastCost) : null;
        $best = $best->isBetterThan($start) ? $best : $start;

        return $roomier !== null && $best->isWorthASheetMore($roomier)
            && ($roomier->isSawable() || ! $start->isSawable()) ? $best->withRoomier($roomier) : $best;
    }

    /** The fewest settings of the fence where one sheet more may be used. */
    private function roomier(Filling $best): ?Filling
    {
        $this->settingsOnly = true;
        $found = $this->search($best, $best->cost + $this->job->stock->cost($this->job->stock->kinds[0]), $this->tries + $this->most['roomier'], false);
        $this->settingsOnly = false;

        return $found;
    }

    private function cheaper(Filling $best, int $leastCost): Filling
    {
        while ($best->cost > $leastCost && $this->tries < $this->most['fewer'] && $this->goesOn) {
            $fewer = $best->withoutLightest($this->job);
            $found = $fewer === null ? null : $this->search($fewer, $best->cost - 1, $this->most['fewer'], true);
            if ($found === null) {
                break;
            }
            $best = $found;
            $this->goesOn = ($this->told)($best);
        }

        return $best;
    }

    /** @param  list<LaidSheet>  $fixed */
    private function tidied(Filling $best, array $fixed): Filling
    {
        $found = null;
        foreach (Nester::packings($this->job, $fixed) as $other) {
            if ($other->loose === [] && $other->cost <= $best->cost && $this->value($other) < $this->value($best)) {
                $best = $found = $other;
            }
        }
        $found = $this->search($best, $best->cost, $this->tries + $this->most['tidying'], false) ?? $found;
        if ($found !== null) {
            ($this->told)($found);
        }

        return $found ?? $best;
    }

    /**
     * @param  bool  $first  whether the first layout with nothing loose will do
     * @return Filling|null the best one with nothing loose
     */
    private function search(Filling $current, int $budget, int $limit, bool $first): ?Filling
    {
        $job = $this->job;
        $value = $this->value($current);
        [$least, $best] = [$current->loose === [] ? $value : INF, null];
        $memory = array_fill(0, self::MEMORY, $value);
        for (; $this->tries < $limit && $this->goesOn; $this->tries++) {
            $trial = clone $current;
            [$loose, $touched] = $this->ruined($trial, $job);
            $trial->loose = [];
            // What is drawn by lot is drawn in this order: a seed lays out the same for ever.
            $order = $this->order($loose, $job);
            $packer = new Packer($job, $this->fitting(), $this->any(Splitting::cases()));
            $packer->place($trial, $order, $budget, $first ? null : $touched);
            if ($first && $trial->loose === []) {
                return $trial;
            }
            $new = $this->value($trial);
            if ($new < $least && $trial->loose === []) {
                [$least, $best] = [$new, $trial];
            }
            $at = $this->tries % self::MEMORY;
            if ($new <= $value || $new <= $memory[$at]) {
                [$current, $value] = [$trial, $new];
            }
            $memory[$at] = min($memory[$at], $value);
            if ($this->tries % 50 === 49) {
                $this->goesOn = ($this->told)(null);
            }
        }

        return $best;
    }

    private function fitting(): Fitting
    {
        return $this->random->getInt(0, 99) < self::SETTINGS_PERCENT ? Fitting::FewestSettings : $this->any(Fitting::cases());
    }

    /** Less is better: parts loose, then settings of the fence against what is left in large pieces. */
    private function value(Filling $filling): float
    {
        $job = $this->job;
        $loose = 0;
        foreach ($filling->loose as $item) {
            $loose += $job->area[$item];
        }

        return self::SHEET_OF_LOOSE * $loose / $job->sheetArea + ($this->settingsOnly ? $filling->settings() : $filling->charge($job));
    }

    /** @return array{list<int>, list<int>} what is loose, after some pieces of some sheets were taken out, and which sheets */
    private function ruined(Filling $filling, Job $job): array
    {
        $loose = $filling->loose;
        $touched = [];
        $ats = array_keys($filling->boards);
        for ($i = min(count($ats), $this->random->getInt(1, self::MOST_BOARDS)); $i > 0; $i--) {
            $board = $filling->own($touched[] = $this->any($ats));
            $taken = $board->taken();
            foreach ($this->random->getInt(0, 99) < self::WHOLE_PERCENT ? $taken : $this->some($taken) as $n) {
                array_push($loose, ...$board->clear($n));
            }
        }

        foreach ($job->mates === [] ? [] : $loose as $item) {
            foreach ($job->mates[$item] ?? [] as $mate) {
                foreach ($ats as $at) {
                    $n = $filling->boards[$at]->pieceOf($mate);
                    array_push($loose, ...($n === null ? [] : $filling->own($at)->clear($n)));
                }
            }
        }

        return [array_values(array_unique($loose)), array_values(array_unique($touched))];
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
