<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** The surface a level, straightedge or tape is held to. */
enum Face: string
{
    case Left = 'left';
    case Right = 'right';
    case Back = 'back';
    case Floor = 'floor';
    case Ceiling = 'ceiling';
    case Slope = 'slope';
    case Opening = 'opening';

    public function isSide(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    /** Underfoot or overhead. */
    public function isLevel(): bool
    {
        return $this === self::Floor || $this === self::Ceiling || $this === self::Slope;
    }
}
