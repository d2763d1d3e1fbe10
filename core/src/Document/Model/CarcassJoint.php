<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** How a level board meets an upright (fieldbook §6). */
enum CarcassJoint: string
{
    case PocketScrews = 'pocket_screws';
    case Screws = 'screws';
    case Dowels = 'dowels';
    case Dado = 'dado';
}
