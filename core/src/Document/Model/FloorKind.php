<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What the base stands on: a floating floor is never screwed through. */
enum FloorKind: string
{
    case Unknown = 'unknown';
    case Fixed = 'fixed';
    case Floating = 'floating';
    case Carpet = 'carpet';
    case Tile = 'tile';
}
