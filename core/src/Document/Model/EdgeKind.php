<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** The ways of meeting a wall, a floor or a ceiling (docs/glossary.md). */
enum EdgeKind: string
{
    case Filler = 'filler';
    case ExtendedStile = 'extended_stile';
    case ScribedSide = 'scribed_side';
    /** The board itself is cut to the floor or to the wall behind it. */
    case Scribed = 'scribed';
    case Trim = 'trim';
    case Play = 'play';

    /** What a carcass usually stands off when this is chosen; the person may change it. */
    public function usualSetOff(): Length
    {
        return Length::fromMillimetres(match ($this) {
            self::Filler => 30,
            self::ExtendedStile => 12,
            self::ScribedSide, self::Trim, self::Play => 5,
            self::Scribed => 0,
        });
    }

    public function isScribed(): bool
    {
        return in_array($this, [self::Filler, self::ExtendedStile, self::ScribedSide, self::Scribed], true);
    }
}
