<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** Gives mirrored parts of one size places next to each other: parts alike in all that a sheet knows of may change places. */
final readonly class SideBySide
{
    /**
     * @param  list<Item>  $items
     * @param  array<string, string>  $pairs  the mirror image of each part, both ways
     */
    public function __construct(private array $items, private array $pairs, private int $kerf)
    {
    }

    public function of(Nested $nested): Nested
    {
        $places = [];
        foreach ($nested->sheets as $n => $sheet) {
            foreach ($sheet->placements as $p) {
                if (! in_array($p->item, $sheet->locked, true)) {
                    $places[$p->item] = [$n, $p];
                }
            }
        }
        $moved = [];
        foreach ($this->alike() as $ids) {
            $moved += $this->exchanged(array_intersect_key($places, array_flip($ids)));
        }
        $name = fn (int $n, Placement $p): Placement => new Placement($moved["$n $p->x $p->y"] ?? $p->item, $p->x, $p->y, $p->length, $p->width, $p->turned);
        $sheets = [];
        foreach ($nested->sheets as $n => $sheet) {
            $placed = array_map(fn (Placement $p): Placement => $name($n, $p), $sheet->placements);
            $sheets[] = $placed == $sheet->placements ? $sheet : new LaidSheet($sheet->kind, $placed, $sheet->locked);
        }

        return new Nested($nested->stock, $sheets, $nested->unplaced, $nested->leastCost, $nested->roomier);
    }

    /** @return list<list<string>> ids of parts that may change places, where there are pairs among them */
    private function alike(): array
    {
        $groups = [];
        foreach ($this->items as $item) {
            if ($item->members === []) {
                $groups[implode(' ', [$item->length, $item->width, (int) $item->mayTurn,
                    (int) $item->mustTurn, $item->together, $item->priority])][] = $item->id;
            }
        }

        return array_values(array_filter($groups, fn (array $ids): bool => array_intersect($ids, array_keys($this->pairs)) !== []));
    }

    /**
     * @param  array<string, array{int, Placement}>  $places  by part: which sheet, and where
     * @return array<string, string> the part at "sheet x y"
     */
    private function exchanged(array $places): array
    {
        $pairs = array_filter($this->pairs, fn (string $mate, string $id): bool => isset($places[$id], $places[$mate]) && $id < $mate, ARRAY_FILTER_USE_BOTH);
        $free = array_values($places);
        $at = [];
        foreach ($this->nearest($free, count($pairs)) as $i => [$a, $b]) {
            [$id, $mate] = [array_keys($pairs)[$i], array_values($pairs)[$i]];
            $at[self::key($free[$a])] = $id;
            $at[self::key($free[$b])] = $mate;
            unset($places[$id], $places[$mate]);
        }
        foreach ($free as $place) {
            if (! isset($at[self::key($place)])) {
                $id = (string) array_key_first($places);
                $at[self::key($place)] = $id;
                unset($places[$id]);
            }
        }

        return $at;
    }

    /** @param  array{int, Placement}  $place */
    private static function key(array $place): string
    {
        return "$place[0] {$place[1]->x} {$place[1]->y}";
    }

    /**
     * So many disjoint pairs of places, the nearest first.
     *
     * @param  list<array{int, Placement}>  $free
     * @return list<array{int, int}>
     */
    private function nearest(array $free, int $count): array
    {
        $all = [];
        foreach ($free as $a => $p) {
            for ($b = $a + 1; $b < count($free); $b++) {
                $all[] = [$this->apart($p, $free[$b]), $a, $b];
            }
        }
        sort($all);
        $chosen = $taken = [];
        foreach ($all as [, $a, $b]) {
            if (count($chosen) < $count && ! isset($taken[$a]) && ! isset($taken[$b])) {
                $chosen[] = [$a, $b];
                $taken[$a] = $taken[$b] = true;
            }
        }

        return $chosen;
    }

    /**
     * Beside each other along a whole edge, on one sheet, or on two.
     *
     * @param  array{int, Placement}  $a
     * @param  array{int, Placement}  $b
     */
    private function apart(array $a, array $b): int
    {
        [$m, $p] = $a;
        [$n, $q] = $b;
        if ($m !== $n) {
            return PHP_INT_MAX;
        }
        $beside = ($p->x === $q->x && abs($p->y - $q->y) <= $p->width + $this->kerf) || ($p->y === $q->y && abs($p->x - $q->x) <= $p->length + $this->kerf);

        return $beside ? 0 : abs($p->x - $q->x) + abs($p->y - $q->y);
    }
}
