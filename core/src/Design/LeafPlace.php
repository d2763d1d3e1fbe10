<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;

/** Where a leaf hangs when it is closed: its width, the y of its rear face, its height. */
final readonly class LeafPlace
{
    public function __construct(public Span $x, public Length $y, public Span $z)
    {
    }
}
