<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Searches for a better layout: takes two to four sheets apart, the emptiest among them, and packs their parts anew
 * in a shuffled order; keeps what is no worse. Bounded by a count, seeded, so that the same call gives the same layout.
 * Source: ruin and recreate, Schrimpf et al., J. Comput. Phys. 159 (2000).
 */
final readonly class Improver
{
    public const TRIES_PER_EFFORT = 2500;

    public function __construct(private int $effort, private int $seed)
    {
    }

    /**
     * @param  list<Item>  $items
     * @param  \Closure(Nested, float): bool  $offer  called with each better layout and now and then with the same one,
     *                                               and the share of the search done; false ends the search
     */
    public function improve(array $items, Nested $start, \Closure $offer): Nested
    {
        $random = new Randomizer(new Mt19937($this->seed));
        $byId = array_column(array_map(fn (Item $i): array => [$i->id, $i], $items), 1, 0);
        $best = $current = $start;
        $tries = $this->effort * self::TRIES_PER_EFFORT;
        for ($try = 1; $try <= $tries && ! $best->isSettled(); $try++) {
            $candidate = $this->rebuilt($current, $byId, $random);
            if (! $current->isBetterThan($candidate)) {
                $current = $candidate;
            }
            $better = $current->isBetterThan($best);
            $best = $better ? $current : $best;
            if (($better || $try % 25 === 0) && ! $offer($best, $try / $tries)) {
                break;
            }
        }

        return $best;
    }

    /** @param  array<string, Item>  $byId */
    private function rebuilt(Nested $nested, array $byId, Randomizer $random): Nested
    {
        $sheets = $nested->sheets;
        $chosen = $this->chosen($sheets, $random);
        $loose = [];
        foreach ($chosen as $index) {
            foreach ($sheets[$index] as $placement) {
                $loose[] = $byId[$placement->item];
            }
            unset($sheets[$index]);
        }
        $rules = Nester::rules(count($loose));
        [$fit, $split] = $rules[$random->getInt(0, count($rules) - 1)];
        $again = Packing::of($this->shuffled($loose, $random), $nested->stock, $fit, $split);

        return new Nested($nested->stock, [...array_values($sheets), ...$again], $nested->unplaced, $nested->lowerBound);
    }

    /**
     * The emptiest sheet and one to three others.
     *
     * @param  list<non-empty-list<Placement>>  $sheets
     * @return list<int>
     */
    private function chosen(array $sheets, Randomizer $random): array
    {
        $filled = array_map(Nested::usedArea(...), $sheets);
        asort($filled);
        $order = array_keys($filled);
        $first = array_shift($order);
        $others = $order === [] ? [] : $random->shuffleArray($order);

        return [$first ?? 0, ...array_slice($others, 0, $random->getInt(1, 3))];
    }

    /**
     * Largest first, with each area blurred by up to a third.
     *
     * @param  list<Item>  $items
     * @return list<Item>
     */
    private function shuffled(array $items, Randomizer $random): array
    {
        $byLength = $random->getInt(0, 2) === 0;
        $keyed = array_map(fn (Item $i): array => [
            ($byLength ? max($i->length, $i->width) : $i->area()) * (100 + $random->getInt(-35, 35)), $i,
        ], $items);
        usort($keyed, fn (array $a, array $b): int => [$b[0], $a[1]->id] <=> [$a[0], $b[1]->id]);

        return array_column($keyed, 1);
    }
}
