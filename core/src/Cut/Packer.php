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
     */
    public function place(Filling $filling, array $order, Fitting $fitting, Splitting $splitting, int $budget = PHP_INT_MAX): void
    {
        foreach ($order as $item) {
            $best = $this->best($filling->boards, $item, $fitting) ?? $this->opened($filling, $item, $budget, $fitting);
            if ($best === null) {
                $filling->loose[] = $item;

                continue;
            }
            [$at, $n, [$a, $b, $turned]] = $best;
            $board = $filling->own($at);
            $board->put($n, $item, $a, $b, $turned, $splitting->cutsAcrossFirst($board->freeL[$n] - $a, $board->freeW[$n] - $b, $a, $b));
        }
    }

    /**
     * @param  array<int, Board>  $boards
     * @return array{int, int, array{int, int, bool}}|null board, free piece, way
     */
    private function best(array $boards, int $item, Fitting $fitting): ?array
    {
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
                        Fitting::LeastLongSide => max($l - $a, $w - $b),
                    };
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
