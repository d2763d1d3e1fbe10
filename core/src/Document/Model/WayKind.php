<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** A stretch of the way from the workshop to the place. */
enum WayKind: string
{
    case Door = 'door';
    case Corridor = 'corridor';
    /** A turn from one passage into another. */
    case Corner = 'corner';
    case Stair = 'stair';
    /** A stair's turn: from its width into the landing's depth. */
    case StairTurn = 'stair_turn';
    case Room = 'room';

    public function turns(): bool
    {
        return $this === self::Corner || $this === self::StairTurn;
    }
}
