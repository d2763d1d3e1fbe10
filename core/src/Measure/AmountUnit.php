<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** In what something is counted or measured out when it is bought. */
enum AmountUnit: string
{
    case Each = 'each';
    case Metre = 'm';
    case SquareMetre = 'm2';
    case Litre = 'l';
    case Kilogram = 'kg';
    case Hour = 'h';
}
