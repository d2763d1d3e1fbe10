<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Along the back wall (run), or out from it (depth). */
enum Along: string
{
    case Run = 'run';
    case Depth = 'depth';
}
