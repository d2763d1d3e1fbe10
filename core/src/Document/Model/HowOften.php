<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

enum HowOften: string
{
    case Daily = 'daily';
    case Weekly = 'weekly';
    case Seldom = 'seldom';
}
