<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** One rectangle to be cut. Sizes in units of 25 nm; `length` lies along the sheet unless turned. */
final readonly class Item
{
    public function __construct(
        public string $id,
        public int $length,
        public int $width,
        public bool $mayTurn,
        public bool $mustTurn = false,
    ) {
    }

    public function area(): int
    {
        return $this->length * $this->width;
    }

    /** @return list<array{int, int, bool}> extents as laid, and whether that is turned */
    public function orientations(): array
    {
        if ($this->mustTurn) {
            return [[$this->width, $this->length, true]];
        }

        return $this->mayTurn && $this->length !== $this->width
            ? [[$this->length, $this->width, false], [$this->width, $this->length, true]]
            : [[$this->length, $this->width, false]];
    }
}
