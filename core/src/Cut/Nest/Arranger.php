<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Cut\Saw\SawPiece;
use Incastro\Core\Cut\Saw\SawTree;

/**
 * The pieces of a row may lie in any order. They are put in the order in which cuts at one setting can follow one another
 * over the whole sheet, so that the sawing (Sawing), which works in from the ends of a row, finds them in turn.
 */
final class Arranger
{
    /** @var array<string, array<int, array{SawPiece, int}>> by setting: the pieces of rows in reach that are still to come off */
    private array $reach = [];

    /** @var array<string, int> how many pieces of rows not in reach want each setting */
    private array $later = [];

    /** @var array<int, list<int>> by row: the places of its pieces in the row, in the order they come off */
    private array $order = [];

    /** @var array<int, int> by row: pieces still to come off, an offcut not counted */
    private array $left = [];

    private function __construct()
    {
    }

    public static function arranged(LaidSheet $sheet, Stock $stock): LaidSheet
    {
        $kerf = $stock->kerf;
        $tree = new SawTree($sheet, $kerf, $stock->saws);
        if (! $tree->isSeparable) {
            return $sheet;
        }
        $placed = (new self)->placed($tree->root, $kerf);
        $better = new LaidSheet($sheet->kind, $placed);

        [$now, $then] = [Sawing::of($sheet, $kerf, $stock->saws, $tree), Sawing::of($better, $kerf, $stock->saws)];

        return $then->settings() < $now->settings() && $then->isCuttable >= $now->isCuttable ? $better : $sheet;
    }

    /** @return non-empty-list<Placement> */
    private function placed(SawPiece $root, int $kerf): array
    {
        foreach ($root->all() as $piece) {
            $this->count($piece, 1);
        }
        $this->open($root);
        $axis = 'y';
        while ($this->reach !== []) {
            $key = $this->next($axis);
            $axis = $key[0];
            while (($own = $this->reach[$key] ?? []) !== []) {
                unset($this->reach[$key]);
                foreach ($own as [$row, $i]) {
                    $this->takeOff($row, $i);
                }
            }
        }

        return iterator_to_array($this->laid($root, $root->rect->x, $root->rect->y, $kerf), false) ?: throw new \LogicException('A laid sheet holds a part.');
    }

    private function next(string $axis): string
    {
        $best = null;
        foreach ($this->reach as $key => $own) {
            $rank = [-min(1, $this->later[$key] ?? 0), $key[0] === $axis, count($own), (int) substr($key, 1)];
            if ($best === null || $rank > $best[0]) {
                $best = [$rank, $key];
            }
        }

        return $best[1] ?? throw new \LogicException('Something is in reach.');
    }

    private function count(SawPiece $row, int $by): void
    {
        foreach ($row->row as $own) {
            if (! $own->isOffcut()) {
                $key = self::key($row, $own);
                $this->later[$key] = ($this->later[$key] ?? 0) + $by;
            }
        }
    }

    private static function key(SawPiece $row, SawPiece $own): string
    {
        return $row->axis.($row->axis === 'x' ? $own->rect->length : $own->rect->width);
    }

    private function open(SawPiece $piece): void
    {
        if ($piece->row === []) {
            return;
        }
        $this->count($piece, -1);
        $pieces = array_filter($piece->row, fn (SawPiece $p): bool => ! $p->isOffcut());
        $this->order[spl_object_id($piece)] = [];
        $this->left[spl_object_id($piece)] = count($pieces);
        foreach ($pieces as $i => $own) {
            $this->reach[self::key($piece, $own)][] = [$piece, $i];
        }
        $this->closeIfDone($piece);
    }

    private function takeOff(SawPiece $row, int $i): void
    {
        $id = spl_object_id($row);
        if (in_array($i, $this->order[$id], true)) {
            return;
        }
        $this->order[$id][] = $i;
        $this->left[$id]--;
        $this->open($row->row[$i]);
        $this->closeIfDone($row);
    }

    /** The last piece of a row without an offcut needs no cut of its own. */
    private function closeIfDone(SawPiece $row): void
    {
        if ($this->left[spl_object_id($row)] !== 1 || $row->isTrim || array_filter($row->row, fn (SawPiece $p): bool => $p->isOffcut()) !== []) {
            return;
        }
        foreach ($this->reach as $key => $own) {
            foreach ($own as $n => [$piece, $i]) {
                if ($piece === $row) {
                    unset($this->reach[$key][$n]);
                    if ($this->reach[$key] === []) {
                        unset($this->reach[$key]);
                    }
                    $this->takeOff($row, $i);

                    return;
                }
            }
        }
    }

    /** @return iterable<Placement> */
    private function laid(SawPiece $piece, int $x, int $y, int $kerf): iterable
    {
        if ($piece->part !== null) {
            $p = $piece->part;
            yield new Placement($p->item, $x, $y, $p->length, $p->width, $p->turned);
        }
        $order = $this->order[spl_object_id($piece)] ?? [];
        if ($piece->isTrim) {
            foreach ($piece->row as $own) {
                yield from $this->laid($own, $own->rect->x, $own->rect->y, $kerf);
            }

            return;
        }
        foreach ($order as $i) {
            yield from $this->laid($piece->row[$i], $x, $y, $kerf);
            $piece->axis === 'x' ? $x += $piece->row[$i]->rect->length + $kerf : $y += $piece->row[$i]->rect->width + $kerf;
        }
    }
}
