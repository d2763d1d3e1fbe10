<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

/** How a box is held while it is carried. */
enum Pose: string
{
    case Upright = 'upright';
    case OnItsBack = 'on_its_back';
    case OnItsSide = 'on_its_side';
}
