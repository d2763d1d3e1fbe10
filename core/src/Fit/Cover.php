<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A thin moulding over a gap: as wide as the gap is at its widest, and what it must bear on (fieldbook §2). */
final class Cover
{
    /** What it bears on, and how thick it is taken to be. */
    public static function bearing(): Length
    {
        return Length::fromMillimetres(6);
    }

    public static function width(Length $greatest): Figure
    {
        return Figure::of($greatest, Text::of('fit.greatest_gap_plain'))
            ->plus(self::bearing(), Text::of('fit.trim_bearing'))->named(Text::of('fit.trim_least'));
    }
}
