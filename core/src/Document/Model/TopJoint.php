<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** How a box is closed above. */
enum TopJoint: string
{
    case Between = 'between';
    case Capping = 'capping';
    /** Two rails lie flat between the sides: a slab covers them. */
    case Rails = 'rails';
}
