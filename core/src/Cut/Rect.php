<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** A rectangle of a sheet, in units of 25 nm from the full sheet's corner. */
final readonly class Rect
{
    public function __construct(public int $x, public int $y, public int $length, public int $width)
    {
    }

    public function area(): int
    {
        return $this->length * $this->width;
    }
}
