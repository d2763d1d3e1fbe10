<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Lumber;

use Incastro\Core\Cut\Nest\Completion;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Nester;
use Incastro\Core\Cut\Nest\Patterns;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Nest\Stock;

/**
 * Lays parts of one section on sticks: a stick is a sheet one part wide. What is in hand is used first; for what must be
 * bought the patterns of the relaxation are taken whole, again and again (Patterns), and the plain packing (Nester) is kept
 * where it costs less. Units of 25 nm.
 */
final class Lumber
{
    private const MOST_SETS = 16;

    public readonly Stock $stock;

    /** @param  non-empty-list<Stick>  $sticks */
    public function __construct(string $name, array $sticks, private readonly int $kerf, int $endTrim)
    {
        $kinds = [];
        foreach ($sticks as $stick) {
            foreach ($stick->clear($endTrim) as $n => [$from, $to]) {
                $id = $stick->defects === [] ? $stick->id : "$stick->id:$n";
                $kinds[] = new SheetKind($id, $stick->name, $stick->length, 1,
                    [$from, $stick->length - $to, 0, 0], $stick->priceCents, $stick->limit, $stick->inHand);
            }
        }
        $this->stock = new Stock($name, $kinds ?: throw new \LogicException('A stick is longer than its trims.'), $kerf);
    }

    /** @param  array<string, int>  $lengths  by part */
    public function lay(array $lengths): Nested
    {
        $items = [];
        foreach ($lengths as $id => $length) {
            $items[] = new Item((string) $id, $length, 1, false);
        }
        $plain = Nester::nest($items, $this->stock);
        if ($plain->isProvedOptimal() || $plain->missing() > 0) {
            return $plain;
        }
        $hand = array_values(array_filter($plain->sheets, fn (LaidSheet $s): bool => $s->kind->inHand));
        $fromHand = array_merge(...array_map(fn (LaidSheet $s): array => array_map(fn (Placement $p): string => $p->item, $s->placements), $hand));
        $left = array_diff_key($lengths, array_flip($fromHand));
        $endless = array_filter($this->stock->bought(), fn (SheetKind $k): bool => $k->limit !== null) === [];
        if (! $endless || $left === []) {
            return $plain;
        }
        $boughtLess = new Nested($this->stock, $this->byPatterns($left), [], 0);
        $rest = new Nested($this->stock, array_values(array_filter($plain->sheets, fn (LaidSheet $s): bool => ! $s->kind->inHand)), [], 0);
        $best = $boughtLess->cost() < $rest->cost() ? $boughtLess : $rest;
        [$sheets, $least] = $this->exhausted($left, $best);

        return new Nested($this->stock, [...$hand, ...$sheets], [], $hand === [] ? max($plain->leastCost, $least) : $plain->leastCost);
    }

    /**
     * @param  array<string, int>  $lengths
     * @return list<LaidSheet>
     */
    private function byPatterns(array $lengths): array
    {
        $sheets = [];
        while ($lengths !== []) {
            [$bySize, $patterns] = $this->patterns($lengths);
            $patterns->leastCost();
            foreach ($patterns->firm() as [$stick, $pattern, $often]) {
                for (; $often > 0; $often--) {
                    $own = $this->taken($pattern, $bySize, $lengths);
                    array_push($sheets, ...($own === [] ? [] : [$this->laid($this->stock->bought()[$stick], $own)]));
                }
            }
        }

        return $sheets;
    }

    /**
     * @param  non-empty-array<string, int>  $lengths
     * @return array{non-empty-array<int, list<string>>, Patterns} parts by length with its kerf, longest first
     */
    private function patterns(array $lengths): array
    {
        $bySize = [];
        foreach ($lengths as $id => $length) {
            $bySize[$length + $this->kerf][] = (string) $id;
        }
        krsort($bySize);
        $sticks = array_map(fn (SheetKind $k): array => [$k->usable()->length + $this->kerf, $this->stock->cost($k)], $this->stock->bought());

        return [$bySize, new Patterns(array_keys($bySize), array_map(count(...), array_values($bySize)),
            $sticks ?: throw new \LogicException('What is bought by length is sold in some.'))];
    }

    /**
     * Every set of sticks that would cost less is tried out, the cheapest first, until one holds all; what stays unsettled bounds the cost.
     *
     * @param  non-empty-array<string, int>  $lengths
     * @return array{list<LaidSheet>, int} the cheapest plan known, and the least any could cost
     */
    private function exhausted(array $lengths, Nested $best): array
    {
        [$bySize, $patterns] = $this->patterns($lengths);
        $relaxed = $patterns->leastCost();
        $kinds = $this->stock->bought();
        if (count($kinds) > 2) {
            return [$best->sheets, (int) ceil($relaxed - 1e-6)];
        }
        $patterns->leastWhole();
        $completion = new Completion(array_keys($bySize), array_map(fn (SheetKind $k): int => $k->usable()->length + $this->kerf, $kinds));
        $least = null;
        $cheaper = $patterns->cheaperThan($best->cost());
        foreach (array_slice($cheaper, 0, self::MOST_SETS) as [$cost, $sticks]) {
            $filled = $completion->in(array_map(count(...), array_values($bySize)), $sticks);
            $least ??= $filled === false ? null : $cost;
            $sheets = [];
            foreach (is_bool($filled) ? [] : $filled as [$kind, $pattern]) {
                $own = $this->taken($pattern, $bySize, $lengths);
                array_push($sheets, ...($own === [] ? [] : [$this->laid($kinds[$kind], $own)]));
            }
            if ($sheets !== []) {
                return [$sheets, $least ?? $cost];
            }
        }

        return [$best->sheets, $least ?? $cheaper[self::MOST_SETS][0] ?? $best->cost()];
    }

    /**
     * @param  array<int, int>  $pattern  how many of each length, the longest being 0
     * @param  array<int, list<string>>  $bySize
     * @param  array<string, int>  $lengths
     * @return array<string, int>
     */
    private function taken(array $pattern, array &$bySize, array &$lengths): array
    {
        $sizes = array_keys($bySize);
        $own = [];
        foreach ($pattern as $i => $n) {
            foreach (array_splice($bySize[$sizes[$i]], 0, $n) as $id) {
                $own[$id] = $lengths[$id];
                unset($lengths[$id]);
            }
        }

        return $own;
    }

    /** @param  non-empty-array<string, int>  $own */
    private function laid(SheetKind $kind, array $own): LaidSheet
    {
        arsort($own);
        $need = array_sum($own) + (count($own) - 1) * $this->kerf;
        foreach ($this->stock->bought() as $other) {
            $kind = $other->usable()->length >= $need && $this->stock->cost($other) < $this->stock->cost($kind) ? $other : $kind;
        }
        $x = $kind->usable()->x;
        $placements = [];
        foreach ($own as $id => $length) {
            $placements[] = new Placement((string) $id, $x, 0, $length, 1, false);
            $x += $length + $this->kerf;
        }

        return new LaidSheet($kind, $placements);
    }
}
