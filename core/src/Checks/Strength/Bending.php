<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

/**
 * A board evenly loaded (fieldbook §7): δ = 5wL⁴/(384EI) on two supports, wL⁴/(384EI) with its ends held; at one place, PL³/(48EI) and
 * PL³/(192EI). N and mm. Its own weight counts. A nosing glued on counts by parallel axes; it is of the same board.
 */
final readonly class Bending
{
    public const GRAVITY = 9.81;

    /**
     * @param  float  $length  clear between supports
     * @param  float  $load  N for each mm of it, its own weight included
     * @param  float  $nosing  height of a strip glued before it, its upper edge level with the board's; as thick as the board
     * @param  float  $point  N at its middle
     */
    public function __construct(public float $length, public float $width, public float $thickness, public float $stiffness,
        public float $load, public bool $held, public float $nosing = 0.0, public float $point = 0.0)
    {
    }

    /** mm at the middle, as soon as it is loaded. */
    public function sag(): float
    {
        $rigid = $this->stiffness * $this->inertia();

        return ($this->held ? 1 : 5) * $this->load * $this->length ** 4 / (384 * $rigid)
            + $this->point * $this->length ** 3 / (($this->held ? 192 : 48) * $rigid);
    }

    /** mm⁴, of board and nosing about the axis they share. */
    public function inertia(): float
    {
        [$b, $t, $h] = [$this->width, $this->thickness, max($this->nosing, 0.0)];
        [$board, $strip] = [$b * $t, $t * $h];
        $middle = ($board * $t / 2 + $strip * $h / 2) / ($board + $strip);

        return $b * $t ** 3 / 12 + $board * ($t / 2 - $middle) ** 2 + $t * $h ** 3 / 12 + $strip * ($h / 2 - $middle) ** 2;
    }

    public function heldAtItsEnds(): self
    {
        return new self($this->length, $this->width, $this->thickness, $this->stiffness, $this->load, true, $this->nosing, $this->point);
    }

    /** Of another stiffness. */
    public function of(float $stiffness): self
    {
        return new self($this->length, $this->width, $this->thickness, $stiffness, $this->load, $this->held, $this->nosing, $this->point);
    }

    /** With a strip before it; the board itself is narrower by as much. */
    public function nosed(float $high): self
    {
        return new self($this->length, $this->width - ($this->nosing > 0.0 ? 0.0 : $this->thickness),
            $this->thickness, $this->stiffness, $this->load, $this->held, $high, $this->point);
    }

    public function cut(int $parts): self
    {
        return new self($this->length / $parts, $this->width, $this->thickness, $this->stiffness, $this->load, $this->held, $this->nosing, $this->point);
    }

    /** How thick it must be to sag no more than that; its own weight is left as it is. */
    public function thicknessFor(float $sag): float
    {
        return $this->thickness * ($this->sag() / $sag) ** (1 / 3);
    }
}
