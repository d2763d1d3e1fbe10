<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

/** What holds one body on another. */
enum BondKind: string
{
    /** Lies on it, or is let into it. */
    case Face = 'face';
    /** Screws, nails, dowels and pins between the two. */
    case Fastener = 'fastener';
    /** Something bought: a socket, a bracket, a rod. */
    case Fitting = 'fitting';
    /** Stands on the floor. */
    case Floor = 'floor';
    /** Screws or a bracket into the wall. */
    case Wall = 'wall';
    /** Bears against the wall, and is held by it in no other way. */
    case Bears = 'bears';
}
