<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** Lays parts on sheets so that edge-to-edge cuts free them: the best of many greedy packings. No chance, no clock. */
final class Nester
{
    /** @param  list<Item>  $items */
    public static function nest(array $items, Stock $stock): Nested
    {
        [$fitting, $unplaced] = self::sorted($items, $stock);
        if ($fitting === []) {
            return new Nested($stock, [], $unplaced, 0);
        }
        $job = new Job($fitting, $stock);
        $best = null;
        foreach (self::packings($job) as $filling) {
            if ($best === null || [$filling->cost, $filling->charge($job)] < [$best->cost, $best->charge($job)]) {
                $best = $filling;
            }
        }

        return ($best ?? throw new \LogicException('No packing was tried.'))
            ->nested($job, $unplaced, LowerBound::cost($fitting, $stock, $best->cost));
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

    /** @return iterable<Filling> */
    public static function packings(Job $job): iterable
    {
        $packer = new Packer($job);
        foreach ($job->orders() as $order) {
            foreach (self::rules(count($order)) as [$fitting, $splitting]) {
                $filling = new Filling;
                $packer->place($filling, $order, $fitting, $splitting);
                if ($filling->loose === []) {
                    yield $filling;
                }
            }
        }
    }

    /** @return list<array{Fitting, Splitting}> fewer for long lists, which pack well by any rule */
    private static function rules(int $count): array
    {
        $splits = $count > 120 ? [Splitting::LargestRemainder, Splitting::Rips, Splitting::Rows, Splitting::Columns] : Splitting::cases();
        $fits = $count > 120 ? [Fitting::LeastArea, Fitting::FewestSettings] : Fitting::cases();
        $rules = [];
        foreach ($fits as $fit) {
            foreach ($splits as $split) {
                $rules[] = [$fit, $split];
            }
        }

        return $rules;
    }
}
