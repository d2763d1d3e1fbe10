<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** How a box is closed behind (fieldbook §6). */
enum BackKind: string
{
    case None = 'none';
    /** Fixed to the rear edges. */
    case Applied = 'applied';
    /** Set in a groove in front of the nailers. */
    case Captured = 'captured';
}
