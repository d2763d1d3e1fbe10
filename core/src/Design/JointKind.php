<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\CarcassJoint;
use Incastro\Core\Measure\Length;

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

    /** A pocket in 18 mm reaches 52 mm in from the end: what is narrower across the joint is screwed through the board it meets. */
    public const POCKET_ROOM_MM = 56;

    /** 10 mm of a screw, 3 before its point, and up to the next length that is sold. */
    private const BITE_ROOM_MM = 18;

    /** A board so long across the joint has room for a pocket at each end. */
    public static function takesPockets(Length $extent): bool
    {
        return ! $extent->isLessThan(Length::fromMillimetres(2 * self::POCKET_ROOM_MM));
    }

    /** How a strip that closes a slot is held, so wide across the joint: one too narrow for a screw to bite and stay inside is glued. */
    public static function ofFiller(Length $width): self
    {
        return match (true) {
            $width->isLessThan(Length::fromMillimetres(self::BITE_ROOM_MM)) => self::Faced,
            $width->isLessThan(Length::fromMillimetres(self::POCKET_ROOM_MM)) => self::Screws,
            default => self::PocketScrews,
        };
    }

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
