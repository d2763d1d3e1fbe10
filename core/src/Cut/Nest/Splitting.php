<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** Which way the free rectangle is cut first when a part sits in its corner. */
enum Splitting
{
    case ShorterRest;
    case LongerRest;
    case LargestRemainder;
    case Rips;
    case Crosscuts;
    case Rows;
    case Columns;

    /**
     * True when the crosscut (a line of constant x) that frees an item of l × w from free piece n runs the whole way.
     */
    public function cutsAcrossFirst(Board $board, int $n, int $l, int $w): bool
    {
        [$restL, $restW] = [$board->freeL[$n] - $l, $board->freeW[$n] - $w];

        return match ($this) {
            self::ShorterRest => $restL < $restW,
            self::LongerRest => $restL >= $restW,
            self::LargestRemainder => $restL * ($w + max(0, $restW)) > $restW * ($l + max(0, $restL)),
            self::Rips => false,
            self::Crosscuts => true,
            self::Rows => $board->isInRow($n) ?? false,
            self::Columns => $board->isInRow($n) ?? true,
        };
    }
}
