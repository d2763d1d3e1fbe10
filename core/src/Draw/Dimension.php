<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Geometry\Point;

/** Where a dimension line runs: `rank` steps outside the drawing on the side named, from where to where. */
final readonly class Dimension
{
    public function __construct(public string $side, public int $rank, public Point $from, public Point $to)
    {
    }
}
