<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** What is still to be read of a side. */
enum Missing: string
{
    /** A stretch of its height that nobody read near. */
    case Stretch = 'unread';
    /** The same of one that has a step: an edge slid over that finds nothing else. */
    case Parts = 'parts';
    /** Where an edge found it so far off: nobody said. */
    case Nowhere = 'nowhere';
    /** The same of an edge slid over either part of a side with a step. */
    case NowhereInParts = 'nowhere_parts';
    /** A width where a slid edge found it proud. */
    case Proud = 'proud';
    /** Two laths: where it lies hollow the edge rests on what stands proud, and where that is nobody has read. */
    case Hollow = 'hollow';
    /** Its middle: from back to front it turns further than walls do, and may have a step. */
    case Turns = 'turns';
    /** Its middle: from foot to head it leans further than walls do, and may have a step. */
    case Leans = 'leans';
    /** Where its step is, as its middle does not lie between its ends: from the back wall, or from the floor. */
    case StepOut = 'step_out';
    case StepUp = 'step_up';

    /** What the reader is told goes by: of either part the same is said. */
    public function said(): string
    {
        return $this === self::NowhereInParts ? self::Nowhere->value : $this->value;
    }
}
