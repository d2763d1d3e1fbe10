<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/**
 * The parts of one material as plain numbers, for the search. Every size carries one kerf, and so does every sheet
 * (Board): parts may then touch, and what is left after the last part of a row may be narrower than the kerf.
 */
final readonly class Job
{
    /** @var list<list<array{int, int, bool}>> by item: extents as laid and whether that is turned */
    public array $ways;

    /** @var list<int> */
    public array $area;

    /** @var list<list<int>> by measure of large, by item: what counts as its size */
    public array $sizes;

    public float $sheetArea;

    /** @var array<int, non-empty-list<int>> by item that lies with others on one sheet: all of them, the largest first */
    public array $mates;

    /** @param  list<Item>  $items  each fits an empty sheet */
    public function __construct(public array $items, public Stock $stock)
    {
        $k = $stock->kerf;
        $this->ways = array_map(fn (Item $i): array => array_map(
            fn (array $way): array => [$way[0] + $k, $way[1] + $k, $way[2]], $i->orientations()), $items);
        $this->area = array_map(fn (array $ways): int => $ways[0][0] * $ways[0][1], $this->ways);
        $sides = array_column($this->ways, 0);
        $this->sizes = [
            $this->area,
            array_map(fn (array $w): int => $w[0], $sides),
            array_map(fn (array $w): int => $w[1], $sides),
            array_map(fn (array $w): int => max($w[0], $w[1]), $sides),
            array_map(fn (array $w): int => min($w[0], $w[1]), $sides),
            array_map(fn (array $w): int => $w[0] + $w[1], $sides),
        ];
        $this->mates = self::mates($items, $this->area);
        $usable = $stock->largest()->usable();
        $this->sheetArea = (float) (($usable->length + $k) * ($usable->width + $k));
    }

    /** Whether every sheet is as wide as every item: a stick. */
    public function isLine(): bool
    {
        $wide = array_map(fn (array $ways): int => count($ways) === 1 ? $ways[0][1] : 0, $this->ways);
        $sheets = array_map(fn (SheetKind $k): int => $k->usable()->width + $this->stock->kerf, $this->stock->kinds);

        return count(array_unique([...$wide, ...$sheets])) === 1;
    }

    /** @return list<list<int>> every item, largest first, by each measure of large that gives an order of its own */
    public function orders(): array
    {
        $orders = [];
        foreach ($this->sizes as $sizes) {
            $order = array_keys($sizes);
            usort($order, fn (int $a, int $b): int => [$this->items[$b]->priority, $sizes[$b],
                $this->area[$b], $a] <=> [$this->items[$a]->priority, $sizes[$a], $this->area[$a], $b]);
            $orders[implode(' ', $order)] = $order;
        }

        return array_values($orders);
    }

    /**
     * @param  list<Item>  $items
     * @param  list<int>  $area
     * @return array<int, non-empty-list<int>>
     */
    private static function mates(array $items, array $area): array
    {
        $sets = [];
        foreach ($items as $n => $item) {
            if ($item->together !== null) {
                $sets[$item->together][] = $n;
            }
        }
        $mates = [];
        foreach ($sets as $set) {
            usort($set, fn (int $a, int $b): int => $area[$b] <=> $area[$a]);
            foreach (count($set) > 1 ? $set : [] as $n) {
                $mates[$n] = $set;
            }
        }

        return $mates;
    }
}
