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
        $bound = LowerBound::sheets($fitting, $stock);
        $best = new Nested($stock, [], $unplaced, $bound);
        if ($fitting === []) {
            return $best;
        }
        $best = null;
        foreach (self::orders($fitting) as $order) {
            foreach (self::rules(count($fitting)) as [$fit, $split]) {
                $nested = new Nested($stock, Packing::of($order, $stock, $fit, $split), $unplaced, $bound);
                $best = $best === null || $nested->isBetterThan($best) ? $nested : $best;
            }
        }

        return $best ?? throw new \LogicException('No order was tried.');
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

    /** @return list<array{Fitting, Splitting}> fewer for long lists, which pack well by any rule */
    public static function rules(int $count): array
    {
        $splits = $count > 120 ? [Splitting::LargestRemainder, Splitting::Rips] : Splitting::cases();
        $fits = $count > 120 ? [Fitting::LeastArea, Fitting::LeastShortSide] : Fitting::cases();
        $rules = [];
        foreach ($fits as $fit) {
            foreach ($splits as $split) {
                $rules[] = [$fit, $split];
            }
        }

        return $rules;
    }

    /**
     * @param  list<Item>  $items
     * @return list<list<Item>> largest first, by several measures of large
     */
    public static function orders(array $items): array
    {
        $measures = [
            fn (Item $i): array => [$i->area(), $i->length],
            fn (Item $i): array => [$i->length, $i->width],
            fn (Item $i): array => [$i->width, $i->length],
            fn (Item $i): array => [max($i->length, $i->width), min($i->length, $i->width)],
            fn (Item $i): array => [$i->length + $i->width, $i->length],
        ];

        return array_map(function (\Closure $measure) use ($items): array {
            usort($items, fn (Item $a, Item $b): int => [$measure($b), $a->id] <=> [$measure($a), $b->id]);

            return $items;
        }, $measures);
    }
}
