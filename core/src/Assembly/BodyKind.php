<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

/** What a body is. */
enum BodyKind
{
    /** Of a piece, and stays where it is put. */
    case Fixed;
    /** Of a piece, and opens, rolls or lifts. */
    case Mover;
    /** What must stay free before something that is used through an opening. */
    case Reach;
}
