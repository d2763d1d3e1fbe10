<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** Where an item lies: its corner nearest the sheet's corner and its extents as laid. Units of 25 nm. */
final readonly class Placement
{
    public function __construct(
        public string $item,
        public int $x,
        public int $y,
        public int $length,
        public int $width,
        public bool $turned,
    ) {
    }

    public function area(): int
    {
        return $this->length * $this->width;
    }

    public function right(): int
    {
        return $this->x + $this->length;
    }

    public function top(): int
    {
        return $this->y + $this->width;
    }
}
