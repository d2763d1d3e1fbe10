<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * What one taking of a reading disagrees by (mm, measured − adjusted), how well it is checked (0…1), the test figure, what was read, and
 * how far that is from what all others say.
 */
final readonly class Residual
{
    public function __construct(
        public string $reading,
        public float $mm,
        public float $redundancy,
        public float $standardised,
        public float $value,
        public float $off,
    ) {
    }

    /** How well all others say what it is off by: a standard deviation; 0 where it is off by nothing. */
    public function deviation(): float
    {
        return $this->standardised === 0.0 ? 0.0 : abs($this->off / $this->standardised);
    }
}
