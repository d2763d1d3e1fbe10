<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

enum ShelfRest: string
{
    case Pins = 'pins';
    case Fixed = 'fixed';
}
