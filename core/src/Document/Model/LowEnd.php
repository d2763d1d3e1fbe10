<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Where a slope overhead comes lowest. */
enum LowEnd: string
{
    case Back = 'back';
    case Left = 'left';
    case Right = 'right';
}
