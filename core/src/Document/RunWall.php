<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** The wall that a run stands along. */
enum RunWall: string
{
    case Back = 'back';
    case Left = 'left';
    case Right = 'right';
}
