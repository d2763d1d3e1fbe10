<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

/**
 * A shelf evenly loaded (fieldbook §7): δ = 5wL⁴/(384EI) on two supports, wL⁴/(384EI) with its ends held. N and mm. Its own weight counts.
 */
final readonly class Bending
{
    public const GRAVITY = 9.81;

    /**
     * @param  float  $length  clear between supports
     * @param  float  $load  N for each mm of it, its own weight included
     */
    public function __construct(public float $length, public float $width, public float $thickness, public float $stiffness, public float $load, public bool $held)
    {
    }

    /** mm at the middle, as soon as it is loaded. */
    public function sag(): float
    {
        $inertia = $this->width * $this->thickness ** 3 / 12;

        return ($this->held ? 1 : 5) * $this->load * $this->length ** 4 / (384 * $this->stiffness * $inertia);
    }

    public function heldAtItsEnds(): self
    {
        return new self($this->length, $this->width, $this->thickness, $this->stiffness, $this->load, true);
    }

    public function cut(int $parts): self
    {
        return new self($this->length / $parts, $this->width, $this->thickness, $this->stiffness, $this->load, $this->held);
    }

    /** How thick it must be to sag no more than that; its own weight is left as it is. */
    public function thicknessFor(float $sag): float
    {
        return $this->thickness * ($this->sag() / $sag) ** (1 / 3);
    }
}
