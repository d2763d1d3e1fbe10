<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What the offsets of a scribe are taken from. */
enum Held: string
{
    /** A straightedge held where the carcass ends. */
    case Straightedge = 'straightedge';
    /** The over-wide part itself, pushed in until it touches. */
    case Part = 'part';
}
