<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Document\Model\Saws;

/**
 * One sheet as the tree of its cuts. A divided piece has its children side by side along one axis, at most one of them
 * free; children of children lie along the other axis. Whatever stands in such a tree can be sawn edge to edge.
 * Sizes carry one kerf each way (see LowerBound), so that pieces may touch. A piece taken out gives its place back and
 * joins the free piece beside it, so that no cut is final until the search ends.
 */
final class Board
{
    private const FREE = -1;

    private const DIVIDED = -2;

    private const X = 0;

    /** @var array<int, int> */
    private array $l = [];

    /** @var array<int, int> */
    private array $w = [];

    /** @var array<int, int> the piece it was cut from, −1 for a root */
    private array $from = [];

    /** @var array<int, int> the axis its children lie along */
    private array $along = [];

    /** @var array<int, int> the item it is, or FREE or DIVIDED */
    private array $what = [];

    /** @var array<int, bool> */
    private array $turned = [];

    /** @var array<int, array{int, int}> where each root lies */
    private array $corner = [];

    private int $next = 0;

    /** Σ of squares of the free areas, kept until the board changes. */
    public ?float $gathered = null;

    /** @var array<int, bool>|null see settings(), kept until the board changes */
    private ?array $settings = null;

    /** @var array<int, bool>|null the same, with what was put since; a few too many where a row got full */
    private ?array $has = null;

    /** @var list<int> numbers of pieces that are gone, to be used again */
    private array $spare = [];

    /** @var array<int, int> extent along x of every free piece, by piece */
    public array $freeL = [];

    /** @var array<int, int> */
    public array $freeW = [];

    /**
     * @param  list<Rect>  $roots  free rectangles, without the kerf
     * @param  list<Placement>  $fixed  parts that stay where they are, beside the roots
     */
    public function __construct(public readonly SheetKind $kind, array $roots, private readonly int $kerf, public readonly array $fixed = [])
    {
        foreach ($roots as $root) {
            $n = $this->piece(-1, $root->length + $kerf, $root->width + $kerf);
            $this->corner[$n] = [$root->x, $root->y];
            $this->setFree($n);
        }
    }

    public static function whole(SheetKind $kind, int $kerf): self
    {
        return new self($kind, [$kind->usable()], $kerf);
    }

    /** What the locked parts of a sheet leave free: the offcuts there would be if nothing else lay on it. */
    public static function around(LaidSheet $sheet, int $kerf, Saws $saws): self
    {
        $held = $sheet->held();
        $roots = $held === [] ? [$sheet->kind->usable()] : Sawing::of(new LaidSheet($sheet->kind, $held), $kerf, $saws)->offcuts;

        return new self($sheet->kind, $roots, $kerf, $held);
    }

    /**
     * @param  list<array{int, Placement}>  $placed
     * @return self|null null when a part lies across two roots, or several in one that cannot be sawn apart
     */
    public function filled(array $placed): ?self
    {
        foreach ($this->corner as $root => [$x, $y]) {
            [$right, $top] = [$x + $this->l[$root], $y + $this->w[$root]];
            $own = array_filter($placed, fn (array $p): bool => $p[1]->x >= $x && $p[1]->y >= $y
                && $p[1]->right() + $this->kerf <= $right && $p[1]->top() + $this->kerf <= $top);
            if ($own !== []) {
                $this->grow($root, array_values($own), self::X, false);
            }
            $placed = array_diff_key($placed, $own);
        }

        return $placed === [] ? $this : null;
    }

    /**
     * A sheet as it was laid before. Slack between its parts is gathered into one free piece beside them.
     *
     * @param  list<array{int, Placement}>  $placed  item and where it lies; separable by edge-to-edge cuts
     */
    public static function laid(SheetKind $kind, int $kerf, array $placed): self
    {
        return self::whole($kind, $kerf)->filled($placed) ?? throw new \LogicException('A laid sheet holds its parts.');
    }

    /**
     * Puts parts into free piece n: row by row along one axis, then within each row along the other.
     *
     * @param  list<array{int, Placement}>  $placed
     */
    private function grow(int $n, array $placed, int $axis, bool $wasWhole): void
    {
        [$item, $p] = $placed[0];
        if (count($placed) === 1) {
            $this->put($n, $item, $p->length + $this->kerf, $p->width + $this->kerf, $p->turned, true);

            return;
        }
        $rows = self::rows($placed, $axis === self::X, $this->kerf);
        if (count($rows) === 1) {
            if ($wasWhole) {
                throw new \LogicException('A laid sheet cannot be sawn apart.');
            }
            $this->grow($n, $placed, 1 - $axis, true);

            return;
        }
        foreach ($rows as [$row, $extent]) {
            $hasRest = $extent < ($axis === self::X ? $this->l[$n] : $this->w[$n]);
            [$piece, $n] = $hasRest ? $this->slice($n, $axis, $extent) : [$n, $n];
            $this->grow($piece, $row, 1 - $axis, false);
        }
    }

    /**
     * @param  list<array{int, Placement}>  $placed
     * @return list<array{non-empty-list<array{int, Placement}>, int}> groups with room for a blade between, and how far each reaches with its kerf
     */
    private static function rows(array $placed, bool $isX, int $kerf): array
    {
        $span = fn (Placement $p): array => $isX ? [$p->x, $p->right()] : [$p->y, $p->top()];
        usort($placed, fn (array $a, array $b): int => $span($a[1]) <=> $span($b[1]));
        $rows = [];
        foreach ($placed as $part) {
            [$from, $to] = $span($part[1]);
            $last = count($rows) - 1;
            if ($last < 0 || $from >= $rows[$last][2] + $kerf) {
                $rows[] = [[$part], $from, $to];
            } else {
                $rows[$last] = [[...$rows[$last][0], $part], $rows[$last][1], max($rows[$last][2], $to)];
            }
        }

        return array_map(fn (array $r): array => [$r[0], $r[2] - $r[1] + $kerf], $rows);
    }

    /** Whether piece n lies in a row along x; null for a root. */
    public function isInRow(int $n): ?bool
    {
        return $this->from[$n] < 0 ? null : $this->along[$this->from[$n]] === self::X;
    }

    /** Whether a saw can make the cuts that free an item of extents a × b from free piece n; see put(). */
    public function isCuttable(Saws $saws, int $n, int $a, int $b, bool $acrossFirst): bool
    {
        $k = $this->kerf;
        [$l, $w, $stage, $before] = [$this->l[$n], $this->w[$n], $this->stage($n), $this->isInRow($n)];
        foreach ($acrossFirst ? [true, false] : [false, true] as $alongX) {
            [$size, $whole] = $alongX ? [$a, $l] : [$b, $w];
            if ($size === $whole) {
                continue;
            }
            [$rowL, $rowW] = [$l, $w];
            if ($before === $alongX && $l === $this->l[$n] && $w === $this->w[$n]) {
                [$rowL, $rowW] = [$this->l[$this->from[$n]], $this->w[$this->from[$n]]];
            }
            $stage += $before === $alongX ? 0 : 1;
            if (! $saws->allow($alongX ? 'x' : 'y', $rowL - $k, $rowW - $k, $size - $k, $stage)) {
                return false;
            }
            $before = $alongX;
            $alongX ? $l = $a : $w = $b;
        }

        return true;
    }

    /** How many changes of direction lead from the sheet to piece n. */
    private function stage(int $n): int
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

    /** Puts an item of extents a × b into free piece n; the first of two cuts runs across x, or else along it. */
    public function put(int $n, int $item, int $a, int $b, bool $turned, bool $acrossFirst): void
    {
        $this->gathered = $this->settings = null;
        [$l, $w] = [$this->l[$n], $this->w[$n]];
        if ($this->has !== null) {
            $this->has += ($a < $l ? [2 * $a => true] : []) + ($b < $w ? [2 * $b + 1 => true] : []);
        }
        foreach ($acrossFirst ? [0, 1] : [1, 0] as $axis) {
            if ($axis === self::X ? $a < $l : $b < $w) {
                [$n] = $this->slice($n, $axis, $axis === self::X ? $a : $b);
            }
        }
        $this->what[$n] = $item;
        $this->turned[$n] = $turned;
        unset($this->freeL[$n], $this->freeW[$n]);
    }

    /**
     * Takes piece n out with all that was cut from it.
     *
     * @return list<int> the items that were in it; empty too when it is no longer there
     */
    public function clear(int $n): array
    {
        if (($this->what[$n] ?? self::FREE) === self::FREE) {
            return [];
        }
        $this->gathered = $this->settings = $this->has = null;
        $items = $this->emptied($n);
        $this->setFree($n);
        while (($p = $this->from[$n]) >= 0) {
            $alone = true;
            foreach ($this->from as $m => $q) {
                if ($q !== $p || $m === $n) {
                    continue;
                }
                if ($this->what[$m] === self::FREE) {
                    $this->along[$p] === self::X ? $this->l[$n] += $this->l[$m] : $this->w[$n] += $this->w[$m];
                    $this->drop($m);
                } else {
                    $alone = false;
                }
            }
            $this->setFree($n);
            if (! $alone) {
                break;
            }
            $this->drop($n);
            $this->setFree($n = $p);
        }

        return $items;
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

    /** @return array<int, bool> the settings its cuts take, as settings(); quick to ask while parts are being put */
    public function has(): array
    {
        return $this->has ??= $this->settings();
    }

    /**
     * The settings of the fence its cuts take at least: each size along each axis, the last of a full row set free by the others.
     *
     * @return array<int, bool> by size: even along x, odd along y
     */
    public function settings(): array
    {
        if ($this->settings !== null) {
            return $this->settings;
        }
        $hasRest = $wanted = $full = [];
        foreach ($this->freeL as $n => $l) {
            $hasRest[$this->from[$n]] = true;
        }
        foreach ($this->from as $n => $p) {
            if ($p < 0 || $this->what[$n] === self::FREE) {
                continue;
            }
            $size = $this->along[$p] === self::X ? 2 * $this->l[$n] : 2 * $this->w[$n] + 1;
            if (isset($hasRest[$p])) {
                $wanted[$size] = true;
            } else {
                $full[$p][$size] = true;
            }
        }
        foreach ($full as $sizes) {
            $new = array_diff_key($sizes, $wanted);
            if (count($sizes) > 1 && count($new) > 0) {
                array_pop($new);
            }
            $wanted += $new;
        }

        return $this->settings = $wanted;
    }

    /** @return list<array{int, int, int, int, int, bool}> item, x, y, length, width (without the kerf), turned */
    public function placed(): array
    {
        $placed = [];
        foreach ($this->corner as $root => [$x, $y]) {
            $this->walk($root, $x, $y, $placed);
        }

        return $placed;
    }

    /** @param  list<array{int, int, int, int, int, bool}>  $placed */
    private function walk(int $n, int $x, int $y, array &$placed): void
    {
        $what = $this->what[$n];
        if ($what >= 0) {
            $placed[] = [$what, $x, $y, $this->l[$n] - $this->kerf, $this->w[$n] - $this->kerf, $this->turned[$n]];
        }
        if ($what !== self::DIVIDED) {
            return;
        }
        $children = array_keys($this->from, $n, true);
        $isX = $this->along[$n] === self::X;
        usort($children, fn (int $a, int $b): int => [$this->what[$a] === self::FREE, $isX ? $this->l[$b] : $this->w[$b], $a]
            <=> [$this->what[$b] === self::FREE, $isX ? $this->l[$a] : $this->w[$a], $b]);
        foreach ($children as $child) {
            $this->walk($child, $x, $y, $placed);
            $isX ? $x += $this->l[$child] : $y += $this->w[$child];
        }
    }

    /**
     * Cuts a piece of this extent off n, which is free.
     *
     * @return array{int, int} the piece, and what is left of n, which stays free
     */
    private function slice(int $n, int $axis, int $extent): array
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

    private function piece(int $from, int $l, int $w): int
    {
        $n = array_pop($this->spare) ?? $this->next++;
        $this->l[$n] = $l;
        $this->w[$n] = $w;
        $this->from[$n] = $from;
        $this->what[$n] = self::FREE;

        return $n;
    }

    private function setFree(int $n): void
    {
        $this->what[$n] = self::FREE;
        $this->freeL[$n] = $this->l[$n];
        $this->freeW[$n] = $this->w[$n];
    }

    private function drop(int $n): void
    {
        $this->spare[] = $n;
        unset($this->l[$n], $this->w[$n], $this->from[$n], $this->along[$n], $this->what[$n], $this->turned[$n], $this->freeL[$n], $this->freeW[$n]);
    }

    /** @return list<int> the items in it and in all cut from it, which is gone then */
    private function emptied(int $n): array
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
