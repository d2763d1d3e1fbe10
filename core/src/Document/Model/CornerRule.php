<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What a run along a side wall does in the corner: it runs through to the back wall, or stops before the run there. */
enum CornerRule: string
{
    case Through = 'through';
    case Stops = 'stops';
}
