<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** Left and right as seen from the room. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    /** So much further into the space. */
    public function inward(Length $from, Length $by): Length
    {
        return $this === self::Left ? $from->plus($by) : $from->minus($by);
    }

    public function other(): self
    {
        return $this === self::Left ? self::Right : self::Left;
    }
}
