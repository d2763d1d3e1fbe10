<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What is done about a thing in the way. */
enum Treatment: string
{
    /** Taken off and put back, or notched around, once the piece stands. */
    case TakeOff = 'take_off';
    /** The part is notched around it. */
    case Notch = 'notch';
    /** An opening is cut through the part. */
    case CutThrough = 'cut_through';
    /** A socket, switch or grille is brought forward to the new face. */
    case BringForward = 'bring_forward';
    /** Boxed in, with a panel that comes off. */
    case BoxIn = 'box_in';
    /** The piece stops short of it and leaves it as it is. */
    case KeepClear = 'keep_clear';
    /** Nothing comes nearer than a stated distance. */
    case KeepAway = 'keep_away';

    /** The box must not enter what the thing takes up. */
    public function takesRoom(): bool
    {
        return $this === self::KeepClear || $this === self::KeepAway;
    }
}
