<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** The wall that a run stands along. */
enum RunWall: string
{
    case Back = 'back';
    case Left = 'left';
    case Right = 'right';
}
