<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Measure\Text;

/** What hangs on a board that is screwed to the wall, N: down along the wall, and out of it at the board. */
final readonly class WallLoad
{
    public function __construct(public Text $what, public float $kg, public float $down, public float $out = 0.0)
    {
    }

    /** How many screws that takes: the shares of both add up to no more than 1 at each. */
    public function wants(Capacity $each): int
    {
        return $each->down === null || $each->out === null ? 0 : max(1, (int) ceil(round($this->down / $each->down + $this->out / $each->out, 6)));
    }
}
