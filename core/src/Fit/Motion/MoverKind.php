<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

/** How a moving part moves. */
enum MoverKind: string
{
    /** About an upright edge. */
    case Hinged = 'hinged';
    /** Straight out, as drawers and pull-outs do. */
    case Drawn = 'drawn';
    /** Sideways, before or behind its neighbour. */
    case Sliding = 'sliding';
    /** Up about its rear edge. */
    case Lid = 'lid';
    /** Up about its upper edge. */
    case Lift = 'lift';
    /** Down about its lower edge. */
    case Drop = 'drop';
    /** Out about its lower edge, with a bin on it. */
    case Tilt = 'tilt';

    public function turns(): bool
    {
        return $this !== self::Drawn && $this !== self::Sliding;
    }
}
