<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

enum Axis: string
{
    case X = 'x';
    case Y = 'y';
    case Z = 'z';
}
