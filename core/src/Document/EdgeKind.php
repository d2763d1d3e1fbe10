<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** The five ways of meeting a wall (docs/glossary.md). */
enum EdgeKind: string
{
    case Filler = 'filler';
    case ExtendedStile = 'extended_stile';
    case ScribedSide = 'scribed_side';
    case Trim = 'trim';
    case Play = 'play';

    public function isScribed(): bool
    {
        return in_array($this, [self::Filler, self::ExtendedStile, self::ScribedSide], true);
    }
}
