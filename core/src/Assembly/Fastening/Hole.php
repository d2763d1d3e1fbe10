<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Measure\Length;

/** What is drilled: its kind, how wide, how deep (null right through), and the screw that goes into it, if any. */
final readonly class Hole
{
    public function __construct(public BoreKind $kind, public Length $diameter, public ?Length $depth, public ?Length $screw = null)
    {
    }
}
