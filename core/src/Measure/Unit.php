<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** The unit of bare numbers. */
enum Unit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';
}
