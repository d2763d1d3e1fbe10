<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

/** In what a screw to the wall holds. */
enum Hold
{
    case Stud;
    case Plug;
    case Anchor;
    /** Nobody has said what the wall is, or found a stud in it. */
    case Unknown;
}
