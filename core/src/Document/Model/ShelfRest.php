<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What a shelf rests on (fieldbook §6). */
enum ShelfRest: string
{
    case Pins = 'pins';
    case Fixed = 'fixed';
    case Cleats = 'cleats';
    /** Four uprights with notches, and bars that rest in them. */
    case Standards = 'standards';
    /** Slats on two cleats, where air must move. */
    case Slats = 'slats';
}
