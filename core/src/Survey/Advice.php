<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Reading;

/** One further reading worth taking: where, and what it would make of the doubt of what it helps most. */
final readonly class Advice implements \JsonSerializable
{
    public function __construct(public Reading $reading, public string $helps, public float $now, public float $then)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'reading' => $this->reading->id === '' ? null : $this->reading->id,
            'name' => ReadingName::of($this->reading),
            'take' => ReadingWriter::shape($this->reading),
            'helps' => $this->helps,
            'now' => Known::tenth($this->now),
            'then' => Known::tenth($this->then),
        ];
    }
}
