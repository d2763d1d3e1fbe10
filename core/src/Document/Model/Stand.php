<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** Where a piece of chosen width stands: so far `at` from a side of the space, and `up` from the floor. */
final readonly class Stand
{
    public function __construct(public StandFrom $from, public Length $at, public Length $up)
    {
    }
}
