<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** A sheet as bought and how it is sawn: trim off all four edges, kerf between parts. Units of 25 nm. */
final readonly class Stock
{
    public function __construct(
        public string $name,
        public int $length,
        public int $width,
        public int $trim,
        public int $kerf,
    ) {
    }

    public function usableLength(): int
    {
        return $this->length - 2 * $this->trim;
    }

    public function usableWidth(): int
    {
        return $this->width - 2 * $this->trim;
    }

    public function holds(Item $item): bool
    {
        foreach ($item->orientations() as [$l, $w]) {
            if ($l <= $this->usableLength() && $w <= $this->usableWidth()) {
                return true;
            }
        }

        return false;
    }
}
