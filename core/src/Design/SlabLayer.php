<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Measure\Length;

/** One of the boards a slab is glued up from, the lowest first: its depth, and the height of its underside. */
final readonly class SlabLayer
{
    public function __construct(public Band $band, public int $index, public Span $y, public Length $z)
    {
    }
}
