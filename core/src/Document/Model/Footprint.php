<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** A rectangle of floor a person asks about: from the left side, from the back wall, wide, deep. */
final readonly class Footprint
{
    public function __construct(public Length $x, public Length $y, public Length $width, public Length $depth)
    {
    }
}
