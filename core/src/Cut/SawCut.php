<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** One edge-to-edge cut; the blade takes [at, at + kerf] of the axis. `piece` is what it divides, into piece.1 and piece.2. */
final readonly class SawCut
{
    public function __construct(
        public int $order,
        public string $axis,
        public int $at,
        public int $from,
        public int $to,
        public string $piece,
        public bool $isTrim,
    ) {
    }

    public function kind(): string
    {
        return $this->axis === 'y' ? 'rip' : 'crosscut';
    }
}
