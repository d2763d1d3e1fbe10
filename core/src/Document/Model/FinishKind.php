<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What goes on the wood. */
enum FinishKind: string
{
    case None = 'none';
    case Paint = 'paint';
    case Clear = 'clear';
}
