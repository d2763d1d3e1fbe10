<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;

/**
 * A reading stored as measured: what, where, and every standing take.
 * `z` is its height above the floor; `fromZ` is where the level or plumb line starts (plumb only).
 * Sign of plumb: + leans into the space. Sign of level: + the right-hand floor is higher.
 */
final readonly class Reading
{
    /** @param  list<Take>  $takes takes not struck out, oldest first */
    public function __construct(
        public string $id,
        public ReadingKind $kind,
        public ?Side $side,
        public Plane $plane,
        public ?Rise $rise,
        public Length $z,
        public Length $fromZ,
        public array $takes,
    ) {
    }

    public function isTaken(): bool
    {
        return $this->takes !== [];
    }

    public function value(): ?Length
    {
        return $this->takes === [] ? null : $this->takes[count($this->takes) - 1]->value;
    }
}
