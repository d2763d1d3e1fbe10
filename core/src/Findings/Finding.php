<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A problem of the room or the design, as data. It never blocks saving. */
final readonly class Finding implements \JsonSerializable
{
    public function __construct(
        public string $code,
        public Severity $severity,
        public Place $place,
        public Text $says,
        public Text $remedy,
        public Text $source,
        public ?Length $measured = null,
        public ?Length $limit = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'code' => $this->code,
            'severity' => $this->severity->value,
            'place' => $this->place,
            'says' => $this->says,
            'remedy' => $this->remedy,
            'source' => $this->source,
            'measured' => $this->measured,
            'limit' => $this->limit,
        ];
    }
}
