<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Begun;

/** What a piece that was cut is worth for the part it serves as. */
enum Worth: string
{
    case Right = 'right';
    case Trim = 'trim';
    case Short = 'short';
}
