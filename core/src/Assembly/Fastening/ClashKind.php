<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

enum ClashKind: string
{
    /** Two holes of one board. */
    case Meet = 'bores_meet';
    /** A hole and a groove, dado or mortise. */
    case Recess = 'bore_meets_recess';
    /** Over the edge, or into a notch or cut-out. */
    case Off = 'bore_off';
    /** Out of the other face. */
    case Through = 'bore_through';
    /** A hinge where a board is. */
    case Board = 'hinge_meets_board';
}
