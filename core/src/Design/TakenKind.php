<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

enum TakenKind: string
{
    /** Across the board, to take the end of another. */
    case Dado = 'dado';
    /** Along an edge, to take a back or a panel. */
    case Groove = 'groove';
    /** For the end of a rail. */
    case Mortise = 'mortise';
    /** Through the board, open to an edge. */
    case Notch = 'notch';
    case CutOut = 'cut_out';
    case RoundCutOut = 'round_cut_out';

    /** Goes through the board. */
    public function isSeenThrough(): bool
    {
        return in_array($this, [self::Notch, self::CutOut, self::RoundCutOut], true);
    }
}
