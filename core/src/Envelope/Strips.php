<?php

declare(strict_types=1);

namespace Incastro\Core\Envelope;

use Incastro\Core\Measure\Length;

/** Places from one end to the other, close enough that a wall does nothing between them that matters. */
final class Strips
{
    private const APART_MM = 300;

    /** @return non-empty-list<float> units of 25 nm, both ends among them */
    public static function over(Length $from, Length $to): array
    {
        $n = max(1, (int) ceil($to->minus($from)->units / (self::APART_MM * Length::PER_MM)));

        return array_map(fn (int $i): float => $from->units + ($to->units - $from->units) * $i / $n, range(0, $n));
    }
}
