<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

/** What does not go on while somebody has not decided. */
enum HeldStep: string
{
    case Cut = 'cut';
    case Fix = 'fix';
}
