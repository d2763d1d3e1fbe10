<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** A run along a wall: bands from the floor up. */
final readonly class Run
{
    /** @param  array<string, Band>  $bands */
    public function __construct(public string $id, public array $bands)
    {
    }

    public function first(BandKind $kind): ?Band
    {
        foreach ($this->bands as $band) {
            if ($band->kind === $kind) {
                return $band;
            }
        }

        return null;
    }
}
