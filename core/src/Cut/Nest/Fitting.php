<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** Which free rectangle suits a part best; the lower score wins. */
enum Fitting
{
    case LeastArea;
    case LeastShortSide;
    case LeastLongSide;
    case FewestSettings;
}
