<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** What a person wrote down about a reading, and when. */
final readonly class ReadingNote implements ReadingFact
{
    public function __construct(public string $id, public string $reading, public string $text, public ?string $at)
    {
    }

    public function reading(): string
    {
        return $this->reading;
    }
}
