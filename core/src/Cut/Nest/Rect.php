<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Measure\Length;

/** A rectangle of a sheet, in units of 25 nm from the full sheet's corner. */
final readonly class Rect
{
    private const RACK_WIDTH = 100 * Length::PER_MM;

    private const RACK_LENGTH = 300 * Length::PER_MM;

    public function __construct(public int $x, public int $y, public int $length, public int $width)
    {
    }

    /** Worth a label and a place on the rack: over 100 × 300 mm (fieldbook §9). */
    public function isWorthKeeping(): bool
    {
        return min($this->length, $this->width) >= self::RACK_WIDTH && max($this->length, $this->width) >= self::RACK_LENGTH;
    }

    public function area(): int
    {
        return $this->length * $this->width;
    }

    /** Shares more than an edge with the other. */
    public function overlaps(self $other): bool
    {
        return $this->x < $other->x + $other->length && $other->x < $this->x + $this->length
            && $this->y < $other->y + $other->width && $other->y < $this->y + $this->width;
    }
}
