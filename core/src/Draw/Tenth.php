<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** Nothing is drawn finer than a tenth of a millimetre. */
final class Tenth
{
    public static function of(float $mm): Length
    {
        return Length::roundedFromMillimetres(round($mm, 1), Rounding::Nearest);
    }
}
