<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

enum Severity: string
{
    case Stop = 'stop';
    case Look = 'look';
    case Note = 'note';
}
