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
     * True when the crosscut (a line of constant x) runs the whole way.
     *
     * @param  bool|null  $isInRow  whether the free piece is what remains of a row along x; null for a whole sheet
     */
    public function cutsAcrossFirst(int $restL, int $restW, int $l, int $w, ?bool $isInRow): bool
    {
        return match ($this) {
            self::ShorterRest => $restL < $restW,
            self::LongerRest => $restL >= $restW,
            self::LargestRemainder => $restL * ($w + max(0, $restW)) > $restW * ($l + max(0, $restL)),
            self::Rips => false,
            self::Crosscuts => true,
            self::Rows => $isInRow ?? false,
            self::Columns => $isInRow ?? true,
        };
    }
}
