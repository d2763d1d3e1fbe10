<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What closes a box under a slope: a board that lies in the slope, or nothing but the slope itself. */
enum SlopeTop: string
{
    case Raking = 'raking';
    case Open = 'open';
}
