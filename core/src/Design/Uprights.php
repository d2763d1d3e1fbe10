<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;

/** The boards that bays stand between: how thick each is, and whether the outer two count into the whole (2) or not (0). */
final readonly class Uprights
{
    public function __construct(public int $ends, public Length $thickness)
    {
    }
}
