<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** A length of lumber the shop sells, or a stick in hand with what is bad in it. For every section, or for one. */
final readonly class StickSize
{
    /** @param  list<array{Length, Length}>  $defects  from and to */
    public function __construct(
        public string $id,
        public string $name,
        public Length $length,
        public int $priceCents,
        public ?int $limit,
        public bool $inHand,
        public array $defects,
        public ?Length $thickness,
        public ?Length $width,
    ) {
    }

    public function isFor(Length $thickness, Length $width): bool
    {
        return ($this->thickness === null || $this->thickness->equals($thickness)) && ($this->width === null || $this->width->equals($width));
    }
}
