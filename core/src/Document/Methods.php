<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** The construction methods in force for a piece, inherited from the project where the piece is silent. */
final readonly class Methods
{
    public function __construct(
        public Front $front,
        public TopJoint $top,
        public ShelfRest $shelves,
        public bool $back,
    ) {
    }
}
