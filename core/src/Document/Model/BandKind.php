<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What a horizontal band of a run is. */
enum BandKind: string
{
    /** A separate ladder base. */
    case Plinth = 'plinth';
    /** The sides run down to the floor, notched at the front; a board closes the notch. */
    case ToeKick = 'toe_kick';
    case Box = 'box';
    /** No carcass: left open, or holding what walls and floor carry. */
    case Gap = 'gap';
    /** A slab that covers what is below: a worktop or a shelf over cupboards. */
    case Top = 'top';
    /** A slab to sit on. */
    case Seat = 'seat';
    /** A slab that carries a mattress. */
    case Deck = 'deck';
    /** A board between the uppermost boxes and the ceiling, scribed to it. */
    case Crown = 'crown';

    /** A box must have bays; an open stretch may, for what walls and floor carry. */
    public function mayHaveBays(): bool
    {
        return $this === self::Box || $this === self::Gap;
    }

    public function isSlab(): bool
    {
        return in_array($this, [self::Top, self::Seat, self::Deck], true);
    }

    /** Lies or stands on what is below it, and closes it. */
    public function covers(): bool
    {
        return $this->isSlab() || $this === self::Box;
    }

    public function isBase(): bool
    {
        return in_array($this, [self::Plinth, self::ToeKick], true);
    }

    /** May share the uprights of the band below. */
    public function mayJoin(): bool
    {
        return in_array($this, [self::Box, self::Gap], true);
    }
}
