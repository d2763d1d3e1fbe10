<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

/** What a hole in a board is for. */
enum BoreKind: string
{
    /** Slanting from a hidden face into the end, for the screw of a joint. */
    case Pocket = 'pocket';
    /** Where such a screw bites: not drilled, yet nothing else may be there. */
    case PocketPoint = 'pocket_point';
    /** Clear of the screw, in the board it goes through. */
    case Clearance = 'clearance';
    /** In the board a screw bites into. */
    case Pilot = 'pilot';
    case Dowel = 'dowel';
    case Pin = 'pin';
    /** Above or below, for another height of the shelf. */
    case SparePin = 'spare_pin';
    case HingeCup = 'hinge_cup';
    case HingePlate = 'hinge_plate';

    public function isDrilled(): bool
    {
        return $this !== self::PocketPoint;
    }
}
