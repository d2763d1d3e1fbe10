<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What closes a space at its left or right: a wall of the house, nothing (a mark on the floor), or the side of an appliance. */
enum SideKind: string
{
    case Wall = 'wall';
    case Open = 'open';
    case Appliance = 'appliance';
}
