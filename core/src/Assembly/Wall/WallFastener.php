<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Design\Panel;
use Incastro\Core\Measure\Length;

/** One screw through a board into the wall behind it: x along the wall and z up, in the house, and how long it is. */
final readonly class WallFastener
{
    public function __construct(public string $id, public Panel $board, public Hold $in, public Length $x, public Length $z, public Length $screw)
    {
    }
}
