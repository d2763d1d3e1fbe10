<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Place3;

/** Where a drill is set, and which way it goes from there. */
final readonly class Drill
{
    public function __construct(public Place3 $at, public Axis $into, public bool $upward)
    {
    }
}
