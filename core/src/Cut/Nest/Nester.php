<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** Lays parts on sheets so that edge-to-edge cuts free them: the best of many greedy packings. No chance, no clock. */
final class Nester
{
    /** So many sheets of one size are tried before another size. */
    private const MOST_OF_ONE = 6;

    /**
     * @param  list<Item>  $items  without those that are fixed
     * @param  list<LaidSheet>  $fixed  sheets with parts that stay where they are
     * @param  list<Item>  $held  those parts
     */
    public static function nest(array $items, Stock $stock, array $fixed = [], array $held = []): Nested
    {
        [$fitting, $unplaced] = self::sorted($items, $stock);
        $job = new Job($fitting, $stock);
        $best = null;
        foreach (self::packings($job, $fixed) as $filling) {
            $rank = [self::missing($filling, $job), $filling->cost, $filling->charge($job)];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $filling];
            }
        }
        $filling = $best[1] ?? Filling::around($fixed, $stock);

        return $filling->nested($job, $unplaced, self::leastCost([...$fitting, ...$held], $stock, $filling->cost));
    }

    /**
     * What no layout costs less than; by exhaustion where there are few parts and one sheet stands between plan and bound.
     *
     * @param  list<Item>  $items  each fits an empty sheet
     * @param  int  $known  what a layout at hand costs
     */
    public static function leastCost(array $items, Stock $stock, int $known): int
    {
        $least = LowerBound::cost($items, $stock, $known);

        return $least === $known - 1 && count($stock->kinds) === 1 && Exhaustion::fit(new Job($items, $stock), $least) === false ? $known : $least;
    }

    /** As Nested::missing, of the parts left loose. */
    private static function missing(Filling $filling, Job $job): float
    {
        return (float) array_sum(array_map(fn (int $n): float => $job->items[$n]->weight(), $filling->loose));
    }

    /**
     * Those that fit an empty sheet, in a stable order, and those that fit none.
     *
     * @param  list<Item>  $items
     * @return array{list<Item>, list<Item>}
     */
    public static function sorted(array $items, Stock $stock): array
    {
        usort($items, fn (Item $a, Item $b): int => strcmp($a->id, $b->id));

        return [
            array_values(array_filter($items, $stock->holds(...))),
            array_values(array_filter($items, fn (Item $i): bool => ! $stock->holds($i))),
        ];
    }

    /**
     * @param  list<LaidSheet>  $fixed
     * @return iterable<Filling>
     */
    public static function packings(Job $job, array $fixed = []): iterable
    {
        $most = min(self::MOST_OF_ONE, (int) (array_sum($job->area) / $job->sheetArea));
        foreach ($job->stock->openings($most) as $kinds) {
            foreach ($job->orders() as $order) {
                foreach (self::rules($job) as [$fitting, $splitting]) {
                    $filling = Filling::around($fixed, $job->stock);
                    $packer = new Packer($job, $fitting, $splitting, $kinds);
                    $packer->place($filling, $order);
                    $packer->shrink($filling);
                    yield $filling;
                }
            }
        }
    }

    /** @return list<array{Fitting, Splitting}> the pairs of rules that did best of all, see ADR 15; along a stick there is one way to split */
    private static function rules(Job $job): array
    {
        $rules = [];
        $splittings = $job->isLine() ? [Splitting::LargestRemainder]
            : [Splitting::LargestRemainder, Splitting::ShorterRest, Splitting::Rows, Splitting::Columns];
        foreach ([Fitting::LeastArea, Fitting::FewestSettings] as $fit) {
            foreach ($splittings as $split) {
                $rules[] = [$fit, $split];
            }
        }

        return $rules;
    }
}
