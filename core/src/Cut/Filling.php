<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

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
        $sheets = [];
        foreach ($this->boards as $board) {
            $placements = array_map(fn (array $p): Placement => new Placement($job->items[$p[0]]->id, ...array_slice($p, 1)), $board->placed());
            if ($placements !== []) {
                $sheets[] = Arranger::arranged(new LaidSheet($board->kind, $placements), $job->stock->kerf);
            }
        }

        return new Nested($job->stock, $sheets, $unplaced, $leastCost);
    }

    public static function of(Nested $nested, Job $job): self
    {
        $numbers = array_flip(array_map(fn (Item $i): string => $i->id, $job->items));
        $filling = new self;
        foreach ($nested->sheets as $sheet) {
            $placed = array_map(fn (Placement $p): array => [$numbers[$p->item], $p], $sheet->placements);
            $filling->add(Board::laid($sheet->kind, $job->stock->kerf, $placed), $job->stock->cost($sheet->kind));
        }

        return $filling;
    }
}
