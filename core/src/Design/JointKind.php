<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\CarcassJoint;

/** How two panels meet. */
enum JointKind: string
{
    case PocketScrews = 'pocket_screws';
    case Screws = 'screws';
    case Dowels = 'dowels';
    case Dado = 'dado';
    /** Seated loose in a groove. */
    case Groove = 'groove';
    /** Tenon in a mortise. */
    case Tenon = 'tenon';
    /** Face to face, glued or screwed through. */
    case Faced = 'faced';
    /** Lies on it. */
    case Rests = 'rests';
    /** Held by pins, play at the ends. */
    case Pins = 'pins';
    /** Moves beside it, play between. */
    case Clears = 'clears';
    /** Along the slope, board to cut edge. */
    case Raking = 'raking';

    public static function of(CarcassJoint $joint): self
    {
        return match ($joint) {
            CarcassJoint::PocketScrews => self::PocketScrews,
            CarcassJoint::Screws => self::Screws,
            CarcassJoint::Dowels => self::Dowels,
            CarcassJoint::Dado => self::Dado,
        };
    }
}
