<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** Lays parts one after another, each where it suits best, and opens a further sheet when none has room. */
final readonly class Packer
{
    private bool $isBound;

    /** @param  list<SheetKind>|null  $kinds  in the order in which they may be opened; null for the stock's own */
    public function __construct(private Job $job, private Fitting $fitting, private Splitting $splitting, private ?array $kinds = null)
    {
        $this->isBound = $job->stock->saws->areNamed();
    }

    /**
     * Cost: parts × free pieces.
     *
     * @param  list<int>  $order
     * @param  int  $budget  what all sheets together may cost
     * @param  list<int>|null  $among  the only sheets to lay on; null for all
     */
    public function place(Filling $filling, array $order, int $budget = PHP_INT_MAX, ?array $among = null): void
    {
        $done = [];
        foreach ($order as $item) {
            if (isset($done[$item])) {
                continue;
            }
            $boards = $among === null ? $filling->boards : array_intersect_key($filling->boards, array_flip($among));
            $set = $this->job->mates[$item] ?? [$item];
            $at = isset($this->job->mates[$item]) ? $this->together($filling, $boards, $set)
                : $this->one($filling, $boards, $item);
            if ($at || $this->opened($filling, $set, $budget)) {
                $done += array_flip($set);

                continue;
            }
            array_push($filling->loose, ...$set);
            $done += array_flip($set);
        }
    }

    /** What lies on a sheet that is bought moves to one that costs less, where it all fits. */
    public function shrink(Filling $filling): void
    {
        $stock = $this->job->stock;
        $kinds = $stock->kinds;
        usort($kinds, fn (SheetKind $a, SheetKind $b): int => $stock->cost($a) <=> $stock->cost($b));
        foreach ($filling->boards as $at => $board) {
            $items = $board->items();
            usort($items, fn (int $a, int $b): int => $this->job->area[$b] <=> $this->job->area[$a]);
            $area = array_sum(array_map(fn (int $n): int => $this->job->area[$n], $items));
            foreach ($board->fixed === [] && $items !== [] ? $kinds : [] as $kind) {
                if ($stock->cost($kind) >= $stock->cost($board->kind)) {
                    break;
                }
                $isTooSmall = ($kind->usable()->length + $stock->kerf) * ($kind->usable()->width + $stock->kerf) < $area;
                if ($isTooSmall || ($kind->limit !== null && ($filling->used[$kind->id] ?? 0) >= $kind->limit)) {
                    continue;
                }
                $trial = Board::whole($kind, $stock->kerf);
                if ($this->holdsAll($trial, $items)) {
                    $filling->remove($at, $stock->cost($board->kind));
                    $filling->add($trial, $stock->cost($kind));
                    break;
                }
            }
        }
    }

    /** @param  array<int, Board>  $boards */
    private function one(Filling $filling, array $boards, int $item): bool
    {
        $best = $this->best($boards, $item);
        if ($best === null) {
            return false;
        }
        [$at, $n, $way] = $best;
        $this->put($filling->own($at), $n, $item, $way);

        return true;
    }

    /**
     * The first sheet that holds all of a set.
     *
     * @param  array<int, Board>  $boards
     * @param  non-empty-list<int>  $set
     */
    private function together(Filling $filling, array $boards, array $set): bool
    {
        foreach ($boards as $at => $board) {
            $trial = clone $board;
            if ($this->holdsAll($trial, $set)) {
                $filling->replace($at, $trial);

                return true;
            }
        }

        return false;
    }

    /** @param  list<int>  $set */
    private function holdsAll(Board $board, array $set): bool
    {
        foreach ($set as $item) {
            $best = $this->best([$board], $item);
            if ($best === null) {
                return false;
            }
            $this->put($board, $best[1], $item, $best[2]);
        }

        return true;
    }

    /** @param  non-empty-list<int>  $set */
    private function opened(Filling $filling, array $set, int $budget): bool
    {
        foreach ($this->kinds ?? $this->job->stock->openings()[0] as $kind) {
            $cost = $this->job->stock->cost($kind);
            if ($filling->cost + $cost > $budget || ! $kind->holds($this->job->items[$set[0]])
                || ($kind->limit !== null && ($filling->used[$kind->id] ?? 0) >= $kind->limit)) {
                continue;
            }
            $board = Board::whole($kind, $this->job->stock->kerf);
            if ($this->holdsAll($board, $set)) {
                $filling->add($board, $cost);

                return true;
            }
        }

        return false;
    }

    /** @param  array{int, int, bool}  $way */
    private function put(Board $board, int $n, int $item, array $way): void
    {
        [$a, $b, $turned] = $way;
        $board->put($item, $turned, new Seat($n, $a, $b, $this->acrossFirst($board, $n, $a, $b)));
    }

    private function acrossFirst(Board $board, int $n, int $a, int $b): bool
    {
        return $this->splitting->cutsAcrossFirst($board, $n, $a, $b);
    }

    private function isCuttable(Board $board, int $n, int $a, int $b): bool
    {
        return ! $this->isBound || $board->isCuttable($this->job->stock->saws, new Seat($n, $a, $b, $this->acrossFirst($board, $n, $a, $b)));
    }

    /**
     * @param  array<int, Board>  $boards
     * @return array{int, int, array{int, int, bool}}|null board, free piece, way
     */
    private function best(array $boards, int $item): ?array
    {
        if ($this->fitting === Fitting::FewestSettings) {
            return $this->leastSettings($boards, $item);
        }
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($this->job->ways[$item] as $way) {
            [$a, $b] = $way;
            foreach ($boards as $at => $board) {
                foreach ($board->freeL as $n => $l) {
                    if ($l < $a || ($w = $board->freeW[$n]) < $b) {
                        continue;
                    }
                    $score = match ($this->fitting) {
                        Fitting::LeastArea => $l * $w - $a * $b,
                        Fitting::LeastShortSide => min($l - $a, $w - $b),
                        default => max($l - $a, $w - $b),
                    };
                    if ($score < $least && $this->isCuttable($board, $n, $a, $b)) {
                        [$least, $best] = [$score, [$at, $n, $way]];
                    }
                }
            }
        }

        return $best;
    }

    /**
     * Where it needs fewest settings that the sheet has not yet; where that is equal, in the smallest free piece.
     *
     * @param  array<int, Board>  $boards
     * @return array{int, int, array{int, int, bool}}|null
     */
    private function leastSettings(array $boards, int $item): ?array
    {
        $best = null;
        [$least, $smallest] = [3, 0];
        foreach ($boards as $at => $board) {
            $has = $board->has();
            foreach ($this->job->ways[$item] as $way) {
                [$a, $b] = $way;
                $newA = isset($has[2 * $a]) ? 0 : 1;
                $newB = isset($has[2 * $b + 1]) ? 0 : 1;
                foreach ($board->freeL as $n => $l) {
                    if ($l < $a || ($w = $board->freeW[$n]) < $b) {
                        continue;
                    }
                    $score = ($l === $a ? 0 : $newA) + ($w === $b ? 0 : $newB);
                    if (($score < $least || ($score === $least && $l * $w < $smallest)) && $this->isCuttable($board, $n, $a, $b)) {
                        [$least, $smallest, $best] = [$score, $l * $w, [$at, $n, $way]];
                    }
                }
            }
        }

        return $best;
    }
}
