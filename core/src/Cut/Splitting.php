<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** Which way the free rectangle is cut first when a part sits in its corner. */
enum Splitting
{
    case ShorterRest;
    case LongerRest;
    case LargestRemainder;
    case Rips;
    case Crosscuts;

    /** True when the crosscut (a line of constant x) runs the whole way. */
    public function cutsAcrossFirst(int $restL, int $restW, int $l, int $w): bool
    {
        return match ($this) {
            self::ShorterRest => $restL < $restW,
            self::LongerRest => $restL >= $restW,
            self::LargestRemainder => $restL * ($w + max(0, $restW)) > $restW * ($l + max(0, $restL)),
            self::Rips => false,
            self::Crosscuts => true,
        };
    }
}
