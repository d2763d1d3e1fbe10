<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

enum BandKind: string
{
    case Plinth = 'plinth';
    case Box = 'box';
}
