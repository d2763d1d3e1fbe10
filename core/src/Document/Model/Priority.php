<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** When a part is cut, and whether it comes before others where sheets are too few. */
enum Priority: string
{
    case First = 'first';
    case Usual = 'usual';
    case Last = 'last';

    public function rank(): int
    {
        return match ($this) {
            self::First => 1,
            self::Usual => 0,
            self::Last => -1,
        };
    }
}
