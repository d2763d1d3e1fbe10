<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** Somebody stood there and could not take the reading: an answer, though not a number. A take after it says more. */
final readonly class Unreached implements ReadingFact
{
    public function __construct(public string $id, public string $reading, public ?string $at)
    {
    }

    public function reading(): string
    {
        return $this->reading;
    }
}
