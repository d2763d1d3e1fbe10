<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/**
 * The pieces of a sheet as the tree of its cuts. A divided piece has its children side by side along one axis, at most one of them
 * free; children of children lie along the other axis. Whatever stands in such a tree can be sawn edge to edge.
 * Sizes carry one kerf each way (see LowerBound), so that pieces may touch.
 */
abstract class CutTree
{
    protected const FREE = -1;

    protected const DIVIDED = -2;

    protected const X = 0;

    /** @var array<int, int> */
    protected array $l = [];

    /** @var array<int, int> */
    protected array $w = [];

    /** @var array<int, int> the piece it was cut from, −1 for a root */
    protected array $from = [];

    /** @var array<int, int> the axis its children lie along */
    protected array $along = [];

    /** @var array<int, int> the item it is, or FREE or DIVIDED */
    protected array $what = [];

    /** @var array<int, bool> */
    protected array $turned = [];

    /** @var array<int, array{int, int}> where each root lies */
    protected array $corner = [];

    protected int $next = 0;

    /** @var list<int> numbers of pieces that are gone, to be used again */
    protected array $spare = [];

    /** @var array<int, int> extent along x of every free piece, by piece */
    public array $freeL = [];

    /** @var array<int, int> */
    public array $freeW = [];

    /** Whether piece n lies in a row along x; null for a root. */
    public function isInRow(int $n): ?bool
    {
        return $this->from[$n] < 0 ? null : $this->along[$this->from[$n]] === self::X;
    }

    /** How many changes of direction lead from the sheet to piece n. */
    protected function stage(int $n): int
    {
        $stage = 0;
        for ($p = $this->from[$n]; $p >= 0; $p = $this->from[$p]) {
            $stage++;
        }

        return $stage;
    }

    /** @return list<int> every piece that is a part or divided */
    public function taken(): array
    {
        $taken = [];
        foreach ($this->what as $n => $what) {
            if ($what !== self::FREE) {
                $taken[] = $n;
            }
        }

        return $taken;
    }

    /** The piece that is this item; null when it lies on another sheet. */
    public function pieceOf(int $item): ?int
    {
        $n = array_search($item, $this->what, true);

        return $n === false ? null : $n;
    }

    /** @return list<int> */
    public function items(): array
    {
        return array_values(array_filter($this->what, fn (int $what): bool => $what >= 0));
    }

    /** Σ of the squares of the free areas, each a share of the largest sheet's: high when the free is in one piece. */
    public function gatheredShare(float $sheetArea): float
    {
        $sum = 0.0;
        foreach ($this->freeL as $n => $l) {
            $share = $l * $this->freeW[$n] / $sheetArea;
            $sum += $share * $share;
        }

        return $sum;
    }

    /**
     * Cuts a piece of this extent off n, which is free.
     *
     * @return array{int, int} the piece, and what is left of n, which stays free
     */
    protected function slice(int $n, int $axis, int $extent): array
    {
        [$l, $w, $p] = [$this->l[$n], $this->w[$n], $this->from[$n]];
        if ($p < 0 || $this->along[$p] !== $axis) {
            $this->what[$n] = self::DIVIDED;
            $this->along[$n] = $axis;
            unset($this->freeL[$n], $this->freeW[$n]);
            [$p, $n] = [$n, $this->piece($n, $l, $w)];
        }
        if ($axis === self::X) {
            $this->l[$n] = $l - $extent;
            $piece = $this->piece($p, $extent, $w);
        } else {
            $this->w[$n] = $w - $extent;
            $piece = $this->piece($p, $l, $extent);
        }
        $this->setFree($n);

        return [$piece, $n];
    }

    protected function piece(int $from, int $l, int $w): int
    {
        $n = array_pop($this->spare) ?? $this->next++;
        $this->l[$n] = $l;
        $this->w[$n] = $w;
        $this->from[$n] = $from;
        $this->what[$n] = self::FREE;

        return $n;
    }

    protected function setFree(int $n): void
    {
        $this->what[$n] = self::FREE;
        $this->freeL[$n] = $this->l[$n];
        $this->freeW[$n] = $this->w[$n];
    }

    protected function drop(int $n): void
    {
        $this->spare[] = $n;
        unset($this->l[$n], $this->w[$n], $this->from[$n], $this->along[$n], $this->what[$n], $this->turned[$n], $this->freeL[$n], $this->freeW[$n]);
    }

    /** @return list<int> the items in it and in all cut from it, which is gone then */
    protected function emptied(int $n): array
    {
        if ($this->what[$n] >= 0) {
            return [$this->what[$n]];
        }
        $items = [];
        if ($this->what[$n] === self::DIVIDED) {
            foreach (array_keys($this->from, $n, true) as $child) {
                array_push($items, ...$this->emptied($child));
                $this->drop($child);
            }
        }

        return $items;
    }
}
