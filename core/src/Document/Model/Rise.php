<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Which way a diagonal of the opening rises. */
enum Rise: string
{
    case Right = 'rising_right';
    case Left = 'rising_left';
}
