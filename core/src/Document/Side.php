<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** Left and right as seen from the room. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    public function other(): self
    {
        return $this === self::Left ? self::Right : self::Left;
    }
}
