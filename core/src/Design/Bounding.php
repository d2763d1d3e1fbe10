<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

/** The panels around a bay, by id; null where a wall, the floor or nothing bounds it. */
final readonly class Bounding
{
    public function __construct(
        public ?string $left = null,
        public ?string $right = null,
        public ?string $floor = null,
        public ?string $head = null,
        public ?string $back = null,
    ) {
    }
}
