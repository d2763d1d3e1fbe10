<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

/** What something takes up along the three axes of a run's frame, each stretch with why it is so long. */
final readonly class Extent
{
    public function __construct(public Span $x, public Span $y, public Span $z)
    {
    }
}
