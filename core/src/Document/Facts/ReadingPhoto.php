<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A picture kept with a reading; its bytes are the application's. */
final readonly class ReadingPhoto implements ReadingFact
{
    public function __construct(public string $id, public string $reading, public string $photo,
        public int $width, public int $height, public ?string $caption, public ?string $at)
    {
    }

    public function reading(): string
    {
        return $this->reading;
    }
}
