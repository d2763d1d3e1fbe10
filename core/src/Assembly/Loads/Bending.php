<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads;

/**
 * A board on two supports, whose ends are free to turn: evenly loaded δ = 5wL⁴/(384EI), M = wL²/8; at its middle δ = PL³/(48EI), M = PL/4
 * (statics). Screwed or on pins, its sides give way; glued and let in it gives a fifth less at most (our own figure). N and mm. Its own
 * weight counts. A nosing glued on counts by parallel axes; it is of the same board.
 */
final readonly class Bending
{
    public const GRAVITY = 9.81;

    /** One person, at one place of what is sat or stepped on, N (our own figure). */
    public const PERSON_N = 1_350.0;

    private const LET_IN = 0.8;

    /** What a place load takes of a wide board: so much, and so much of the span; half of that at a free edge (our own figures). */
    private const STRIP_MM = 100.0;

    private const STRIP_SPAN = 0.8;

    /**
     * @param  float  $length  clear between supports
     * @param  float  $load  N for each mm of it, its own weight included
     * @param  bool  $letIn  glued and let in at both ends
     * @param  float  $nosing  height of a strip glued before it, its upper edge level with the board's; as thick as the board
     * @param  float  $point  N at its middle
     */
    public function __construct(public float $length, public float $width, public float $thickness, public float $stiffness,
        public float $load, public bool $letIn = false, public float $nosing = 0.0, public float $point = 0.0)
    {
    }

    /** How much of a board's width carries what stands at one place of it. */
    public static function strip(float $width, float $span, bool $atFreeEdge): float
    {
        return min($width, (self::STRIP_MM + self::STRIP_SPAN * $span) / ($atFreeEdge ? 2 : 1));
    }

    /** mm at the middle, as soon as it is loaded. */
    public function sag(): float
    {
        $rigid = $this->stiffness * $this->inertia();

        return ($this->letIn ? self::LET_IN : 1.0)
            * (5 * $this->load * $this->length ** 4 / (384 * $rigid) + $this->point * $this->length ** 3 / (48 * $rigid));
    }

    /** N/mm² at its middle. */
    public function stress(): float
    {
        $moment = $this->load * $this->length ** 2 / 8 + $this->point * $this->length / 4;

        return $moment * max($this->middle(), max($this->nosing, $this->thickness) - $this->middle()) / $this->inertia();
    }

    /** mm⁴, of board and nosing about the axis they share. */
    public function inertia(): float
    {
        [$b, $t, $h, $middle] = [$this->width, $this->thickness, max($this->nosing, 0.0), $this->middle()];

        return $b * $t ** 3 / 12 + $b * $t * ($t / 2 - $middle) ** 2 + $t * $h ** 3 / 12 + $t * $h * ($h / 2 - $middle) ** 2;
    }

    /** mm under its upper face. */
    private function middle(): float
    {
        [$b, $t, $h] = [$this->width, $this->thickness, max($this->nosing, 0.0)];

        return ($b * $t * $t / 2 + $t * $h * $h / 2) / ($b * $t + $t * $h);
    }

    /** Of another stiffness. */
    public function of(float $stiffness): self
    {
        return new self($this->length, $this->width, $this->thickness, $stiffness, $this->load, $this->letIn, $this->nosing, $this->point);
    }

    /** With a strip before it; the board itself is narrower by as much. */
    public function nosed(float $high): self
    {
        return new self($this->length, $this->width - ($this->nosing > 0.0 ? 0.0 : $this->thickness),
            $this->thickness, $this->stiffness, $this->load, $this->letIn, $high, $this->point);
    }

    public function cut(int $parts): self
    {
        return new self($this->length / $parts, $this->width, $this->thickness, $this->stiffness, $this->load, $this->letIn, $this->nosing, $this->point);
    }

    /** How thick it must be to sag no more than that; its own weight is left as it is. */
    public function thicknessFor(float $sag): float
    {
        return $this->thickness * ($this->sag() / $sag) ** (1 / 3);
    }
}
