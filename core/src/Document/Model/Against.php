<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Where a band shallower than its run stands: against the wall, or flush with the front, with room left behind it. */
enum Against: string
{
    case Wall = 'wall';
    case Front = 'front';
}
