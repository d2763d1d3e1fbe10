<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Document\Model\Saws;
use Incastro\Core\Document\Model\WantedCut;

/**
 * One sheet, filled: parts are put into its free pieces. A piece taken out gives its place back and joins the free piece beside it, so
 * that no cut is final until the search ends.
 */
final class Board extends CutTree
{
    /** Σ of squares of the free areas, kept until the board changes. */
    public ?float $gathered = null;

    /** @var array<int, bool>|null see settings(), kept until the board changes */
    private ?array $settings = null;

    /** @var array<int, bool>|null the same, with what was put since; a few too many where a row got full */
    private ?array $has = null;

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
            $this->put($item, $p->turned, new Seat($n, $p->length + $this->kerf, $p->width + $this->kerf, true));

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

    /** Whether a saw can make the cuts that free an item there. */
    public function isCuttable(Saws $saws, Seat $seat): bool
    {
        [$n, $a, $b] = [$seat->n, $seat->a, $seat->b];
        $k = $this->kerf;
        [$l, $w, $stage, $before] = [$this->l[$n], $this->w[$n], $this->stage($n), $this->isInRow($n)];
        foreach ($seat->acrossFirst ? [true, false] : [false, true] as $alongX) {
            [$size, $whole] = $alongX ? [$a, $l] : [$b, $w];
            if ($size === $whole) {
                continue;
            }
            [$rowL, $rowW] = [$l, $w];
            if ($before === $alongX && $l === $this->l[$n] && $w === $this->w[$n]) {
                [$rowL, $rowW] = [$this->l[$this->from[$n]], $this->w[$this->from[$n]]];
            }
            $stage += $before === $alongX ? 0 : 1;
            if (! $saws->allow(new WantedCut($alongX ? 'x' : 'y', $rowL - $k, $rowW - $k, $size - $k, $stage))) {
                return false;
            }
            $before = $alongX;
            $alongX ? $l = $a : $w = $b;
        }

        return true;
    }

    public function put(int $item, bool $turned, Seat $seat): void
    {
        [$n, $a, $b] = [$seat->n, $seat->a, $seat->b];
        $this->gathered = $this->settings = null;
        [$l, $w] = [$this->l[$n], $this->w[$n]];
        if ($this->has !== null) {
            $this->has += ($a < $l ? [2 * $a => true] : []) + ($b < $w ? [2 * $b + 1 => true] : []);
        }
        foreach ($seat->acrossFirst ? [0, 1] : [1, 0] as $axis) {
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
}
