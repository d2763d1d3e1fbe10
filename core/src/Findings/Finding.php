<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A problem of the room or the design, as data. It never blocks saving. `fix` cures it in one step; `accepted` is the person's
 * reason for leaving it as it is.
 */
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
        public ?Fix $fix = null,
        public ?string $accepted = null,
    ) {
    }

    /** @param  array<array-key, mixed>  $document  in which its fix is to be made */
    public function within(array $document): self
    {
        return $this->fix === null ? $this : new self($this->code, $this->severity, $this->place, $this->says, $this->remedy, $this->source, $this->measured, $this->limit, $this->fix->within($document), $this->accepted);
    }

    public function accepted(string $reason): self
    {
        return new self($this->code, $this->severity, $this->place, $this->says, $this->remedy, $this->source, $this->measured, $this->limit, $this->fix, $reason);
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
            'fix' => $this->fix,
            'accepted' => $this->accepted,
        ];
    }
}
