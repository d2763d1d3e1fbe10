<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: what was on the tin that a piece was finished from. */
final readonly class TinUsed implements Fact
{
    public function __construct(public string $id, public string $piece, public string $name,
        public ?string $colour, public ?string $sheen, public ?string $batch, public ?string $at)
    {
    }
}
