<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Measure\Length;

/** How many times a deviation is enlarged so that its ribbon is about a hand wide on the drawing. */
final class Magnify
{
    private const RIBBON_MM = 220;

    /** @param  list<Length>  $values */
    public static function times(array $values): int
    {
        $greatest = max([1, ...array_map(fn (Length $v): int => $v->absolute()->units, $values)]) / Length::PER_MM;
        foreach ([50, 40, 30, 25, 20, 15, 12, 10, 8, 6, 5, 4, 3, 2] as $times) {
            if ($greatest * $times <= self::RIBBON_MM) {
                return $times;
            }
        }

        return 1;
    }
}
