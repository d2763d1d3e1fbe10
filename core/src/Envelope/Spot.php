<?php

declare(strict_types=1);

namespace Incastro\Core\Envelope;

use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Survey\Room;

/** A piece, the room it stands in, and its place there. */
final readonly class Spot
{
    public function __construct(public Piece $piece, public Room $room, public Box $box)
    {
    }
}
