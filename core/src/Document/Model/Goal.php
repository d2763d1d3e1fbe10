<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What counts next, once as little as can be is bought. */
enum Goal: string
{
    case Leftover = 'leftover';
    case Settings = 'settings';

    /** What a whole sheet left over is worth, in settings of the fence; lesser pieces by the square of their area. */
    public function sheetLeft(): int
    {
        return match ($this) {
            self::Leftover => 24,
            self::Settings => 4,
        };
    }
}
