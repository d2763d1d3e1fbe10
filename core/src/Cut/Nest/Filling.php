<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** Sheets being filled, and the parts that lie on none. Boards are shared between copies until one is changed. */
final class Filling
{
    /** @var array<int, Board> */
    public array $boards = [];

    /** @var list<int> */
    public array $loose = [];

    public int $cost = 0;

    /** @var array<string, int> how many of each size are in use */
    public array $used = [];

    /** @var array<int, bool> boards that no copy shares any more */
    private array $own = [];

    public function __clone()
    {
        $this->own = [];
    }

    public function add(Board $board, int $cost): int
    {
        $this->boards[] = $board;
        $at = (int) array_key_last($this->boards);
        $this->own[$at] = true;
        $this->cost += $cost;
        $this->used[$board->kind->id] = ($this->used[$board->kind->id] ?? 0) + 1;

        return $at;
    }

    public function remove(int $at, int $cost): void
    {
        $this->used[$this->boards[$at]->kind->id]--;
        $this->cost -= $cost;
        unset($this->boards[$at], $this->own[$at]);
    }

    public function replace(int $at, Board $board): void
    {
        $this->boards[$at] = $board;
        $this->own[$at] = true;
    }

    /** The board, to be changed. */
    public function own(int $at): Board
    {
        if (! isset($this->own[$at])) {
            $this->boards[$at] = clone $this->boards[$at];
            $this->own[$at] = true;
        }

        return $this->boards[$at];
    }

    /** Of all boards: high when what is left is in few pieces. */
    public function gathered(Job $job): float
    {
        $sum = 0.0;
        foreach ($this->boards as $board) {
            $sum += $board->gathered ??= $board->gatheredShare($job->sheetArea);
        }

        return $sum;
    }

    /** How many settings of the fence the cuts of all boards take at least. */
    public function settings(): int
    {
        return array_sum(array_map(fn (Board $b): int => count($b->settings()), $this->boards));
    }

    /** As Nested::charge, by what the boards' trees tell. */
    public function charge(Job $job): float
    {
        return $this->settings() - $job->stock->goal->sheetLeft() * $this->gathered($job);
    }

    /** @param  list<Item>  $unplaced */
    public function nested(Job $job, array $unplaced, int $leastCost): Nested
    {
        $byId = array_column(array_map(fn (Item $i): array => [$i->id, $i], $job->items), 1, 0);
        $sheets = [];
        foreach ($this->boards as $board) {
            $laid = $this->laid($board, $job);
            $placements = $board->fixed;
            foreach ($laid->placements ?? [] as $p) {
                array_push($placements, ...$byId[$p->item]->placed($p));
            }
            if ($laid !== null && $placements == $laid->placements) {
                // The same sheet: what is known of it already (Sawing) is not worked out again.
                $sheets[] = $laid;
            } elseif ($placements !== []) {
                $sheets[] = new LaidSheet($board->kind, $placements, array_map(fn (Placement $p): string => $p->item, $board->fixed));
            }
        }
        foreach ($this->loose as $item) {
            array_push($unplaced, ...$job->items[$item]->parts());
        }

        return new Nested($job->stock, $sheets, $unplaced, $leastCost);
    }

    /** The items of one board, strips as a whole, in the order that needs fewest settings. */
    private function laid(Board $board, Job $job): ?LaidSheet
    {
        $placements = array_map(fn (array $p): Placement => new Placement($job->items[$p[0]]->id, ...array_slice($p, 1)), $board->placed());
        if ($placements === []) {
            return null;
        }
        $sheet = new LaidSheet($board->kind, $placements);

        return $board->fixed === [] ? Arranger::arranged($sheet, $job->stock) : $sheet;
    }

    /**
     * With the sheets whose parts stay where they are.
     *
     * @param  list<LaidSheet>  $fixed
     */
    public static function around(array $fixed, Stock $stock): self
    {
        $filling = new self;
        foreach ($fixed as $sheet) {
            $filling->add(Board::around($sheet, $stock->kerf, $stock->saws), $stock->cost($sheet->kind));
        }

        return $filling;
    }

    /** @return self|null with what lies on no sheet loose; null when the parts do not lie as their strips or the locked parts ask */
    public static function of(Nested $nested, Job $job): ?self
    {
        $filling = new self;
        $loose = $job->items;
        foreach ($nested->sheets as $sheet) {
            $byPart = array_column(array_map(fn (Placement $p): array => [$p->item, $p], $sheet->placements), 1, 0);
            $placed = [];
            foreach ($job->items as $n => $item) {
                $place = $item->asLaid($byPart);
                array_push($placed, ...($place === null ? [] : [[$n, $place]]));
            }
            $board = $sheet->locked === [] ? Board::laid($sheet->kind, $job->stock->kerf, $placed)
                : Board::around($sheet, $job->stock->kerf, $job->stock->saws)->filled($placed);
            if ($board === null) {
                return null;
            }
            $loose = array_diff_key($loose, array_column($placed, 0, 0));
            $filling->add($board, $job->stock->cost($sheet->kind));
        }

        $filling->loose = array_keys($loose);
        $unplaced = array_map(fn (Item $i): string => $i->id, $nested->unplaced);
        $isUnplaced = fn (Item $i): bool => in_array($i->parts()[0]->id, $unplaced, true);

        return array_filter($loose, fn (Item $i): bool => ! $isUnplaced($i)) === [] ? $filling : null;
    }

    /** This less the sheet that is bought and holds least; null when all are held by parts that stay. */
    public function withoutLightest(Job $job): ?self
    {
        $filling = clone $this;
        $held = [];
        foreach ($filling->boards as $at => $board) {
            if ($board->fixed === [] && $job->stock->cost($board->kind) > 0) {
                $held[$at] = array_sum(array_map(fn (int $i): int => $job->area[$i], $board->items()));
            }
        }
        if ($held === []) {
            return null;
        }
        asort($held);
        $at = (int) array_key_first($held);
        array_push($filling->loose, ...$filling->boards[$at]->items());
        $filling->remove($at, $job->stock->cost($filling->boards[$at]->kind));

        return $filling;
    }
}
