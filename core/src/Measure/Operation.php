<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** What a line of a trail does to the number above it. */
enum Operation: string
{
    case Start = 'start';
    case Plus = 'plus';
    case Minus = 'minus';
    case Times = 'times';
    case Over = 'over';
    case Equals = 'equals';
}
