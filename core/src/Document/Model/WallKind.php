<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

enum WallKind: string
{
    case Unknown = 'unknown';
    case WoodStud = 'wood_stud';
    case MetalStud = 'metal_stud';
    case Masonry = 'masonry';
    case PlasterOnLath = 'plaster_on_lath';
}
