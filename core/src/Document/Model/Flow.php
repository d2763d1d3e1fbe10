<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Which way air leaves or enters a vent. */
enum Flow: string
{
    case Out = 'out';
    case Up = 'up';
    case Down = 'down';
    case Left = 'left';
    case Right = 'right';
}
