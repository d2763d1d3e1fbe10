<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Measure\Length;

/** One line of a parts list. */
final readonly class PartRow
{
    public function __construct(
        public string $name,
        public int $quantity,
        public Length $length,
        public Length $width,
        public string $grain,
        public string $material,
        public ?Length $thickness,
        public int $priority = 0,
    ) {
    }

    /** @return list<Item> one a copy; the id is `name#copy` */
    public function items(): array
    {
        return array_map(fn (int $copy): Item => new Item(
            "$this->name#$copy", $this->length->units, $this->width->units, $this->grain === 'free', $this->grain === 'width', null, $this->priority,
        ), range(1, $this->quantity));
    }
}
