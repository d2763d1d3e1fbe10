<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Model\Instrument;
use Incastro\Core\Measure\Length;

/**
 * One taking of a reading: its exact value (a length, or degrees for an angle), the text as typed, with what and when; of what was
 * looked for all over, where it was found (z above the floor, y from the back wall).
 */
final readonly class Take implements ReadingFact
{
    public function __construct(
        public string $id,
        public string $reading,
        public ?Length $value,
        public ?float $degrees,
        public string $typed,
        public ?Instrument $with,
        public ?string $at,
        public ?Length $z = null,
        public ?Length $y = null,
    ) {
    }

    /** mm or degrees. */
    public function number(): float
    {
        return (float) ($this->value?->millimetres() ?? $this->degrees ?? 0.0);
    }

    public function reading(): string
    {
        return $this->reading;
    }
}
