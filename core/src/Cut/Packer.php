<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** Lays parts one after another, each where it suits best, and opens a further sheet when none has room. */
final readonly class Packer
{
    public function __construct(private Job $job)
    {
    }

    /**
     * Cost: parts × free pieces.
     *
     * @param  list<int>  $order
     * @param  int  $budget  what all sheets together may cost
     * @param  list<int>|null  $among  the only sheets to lay on; null for all
     */
    public function place(Filling $filling, array $order, Fitting $fitting, Splitting $splitting, int $budget = PHP_INT_MAX, ?array $among = null): void
    {
        foreach ($order as $item) {
            $boards = $among === null ? $filling->boards : array_intersect_key($filling->boards, array_flip($among));
            $best = $this->best($boards, $item, $fitting) ?? $this->opened($filling, $item, $budget, $fitting);
            if ($best === null) {
                $filling->loose[] = $item;

                continue;
            }
            [$at, $n, [$a, $b, $turned]] = $best;
            $board = $filling->own($at);
            $board->put($n, $item, $a, $b, $turned, $splitting->cutsAcrossFirst($board->freeL[$n] - $a, $board->freeW[$n] - $b, $a, $b, $board->isInRow($n)));
        }
    }

    /**
     * @param  array<int, Board>  $boards
     * @return array{int, int, array{int, int, bool}}|null board, free piece, way
     */
    private function best(array $boards, int $item, Fitting $fitting): ?array
    {
        if ($fitting === Fitting::FewestSettings) {
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
                    $score = match ($fitting) {
                        Fitting::LeastArea => $l * $w - $a * $b,
                        Fitting::LeastShortSide => min($l - $a, $w - $b),
                        default => max($l - $a, $w - $b),
                    };
                    if ($score < $least) {
                        [$least, $best] = [$score, [$at, $n, $way]];
                    }
                }
            }
        }

        return $best;
    }

    /**
     * Where it needs fewest settings that the sheet has not yet; where that is equal, the least of the free piece is left.
     *
     * @param  array<int, Board>  $boards
     * @return array{int, int, array{int, int, bool}}|null
     */
    private function leastSettings(array $boards, int $item): ?array
    {
        $best = null;
        $least = [3, 0];
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
                    $score = [($l === $a ? 0 : $newA) + ($w === $b ? 0 : $newB), $l * $w];
                    if ($score < $least) {
                        [$least, $best] = [$score, [$at, $n, $way]];
                    }
                }
            }
        }

        return $best;
    }

    /** @return array{int, int, array{int, int, bool}}|null */
    private function opened(Filling $filling, int $item, int $budget, Fitting $fitting): ?array
    {
        foreach ($this->job->stock->kinds as $kind) {
            $cost = $this->job->stock->cost($kind);
            if ($filling->cost + $cost > $budget || ! $kind->holds($this->job->items[$item])
                || ($kind->limit !== null && ($filling->used[$kind->id] ?? 0) >= $kind->limit)) {
                continue;
            }
            $at = $filling->add(Board::whole($kind, $this->job->stock->kerf), $cost);

            return $this->best([$at => $filling->boards[$at]], $item, $fitting);
        }

        return null;
    }
}
