<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Fields;

/** What the number of a limit is: mm, kg, or n for one part in n. */
enum LimitUnit: string
{
    case Length = 'length';
    case Kilograms = 'kg';
    case PartIn = 'part_in';
}
