<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\Panel;
use Incastro\Core\Measure\Length;

/**
 * What one fastener at the end of a board bears across its length, N. A screw as one into a stud with nothing between: 320 with 38 of bite,
 * less with less, never more; a dowel of 8 as much, one of 6 by its section (our own figures on the safe side).
 */
final class Shear
{
    private const FULL_N = 320.0;

    private const BITE_MM = 38.0;

    private const THIN_DOWEL_N = 180.0;

    private const DOWEL_MM = 35;

    public static function of(Fastener $fastener, Panel $first, Panel $second): float
    {
        $long = ($fastener->length->units ?? 0) / Length::PER_MM;
        if ($fastener->kind === FastenerKind::Dowel) {
            return $long < self::DOWEL_MM ? self::THIN_DOWEL_N : self::FULL_N;
        }
        $through = $fastener->from === $first->id ? $first : $second;
        $bite = $long - $through->thickness()->units / Length::PER_MM;

        return self::FULL_N * max(0.1, min(1.0, $bite / self::BITE_MM));
    }
}
