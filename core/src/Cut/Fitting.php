<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** Which free rectangle suits a part best; the lower score wins. */
enum Fitting
{
    case LeastArea;
    case LeastShortSide;
    case LeastLongSide;

    public function score(int $restL, int $restW, int $freeL, int $freeW, int $l, int $w): int
    {
        return match ($this) {
            self::LeastArea => $freeL * $freeW - $l * $w,
            self::LeastShortSide => min($restL, $restW),
            self::LeastLongSide => max($restL, $restW),
        };
    }
}
