<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * What is taken for granted of a surface before it is read: a plane plus a smooth deviation.
 * Standard deviations: offset in mm, slopes along its two axes in mm a metre, deviation in mm over a reach in metres.
 * Covariance of two places: σ_off² + σ_a²·a·a′ + σ_b²·b·b′ + σ_dev²·m(r/reach), m the Matérn 3/2 function
 * (Rasmussen and Williams, Gaussian Processes for Machine Learning, eq. 4.17), and σ_step² more for two places beyond the same step. Shown to the person
 * as an assumption.
 */
final readonly class Prior
{
    private const ROOT_3 = 1.7320508075688772;

    /** @var array{float, float, float, float} mm² */
    private array $variances;

    /** @param  list<WallStep>  $steps  two places beyond the same edge share what it sets them off by */
    public function __construct(
        public float $offset,
        public float $slopeA,
        public float $slopeB,
        public float $deviation,
        public float $reach = 0.8,
        private array $steps = [],
    ) {
        $this->variances = [$offset ** 2, $slopeA ** 2, $slopeB ** 2, $deviation ** 2];
    }

    /** A wall of an old house: 4 mm a metre off plumb, 25 off square, and wandering 2.8 from its plane. */
    public static function wall(): self
    {
        return new self(200.0, 25.0, 4.0, 2.8);
    }

    /** The same of a house with such walls. */
    public function wandering(Character $as): self
    {
        return new self($this->offset, $this->slopeA, $as->crooked * $this->slopeB, $as->wander, $as->reach, $this->steps);
    }

    /** @param  list<WallStep>  $steps */
    public function stepping(array $steps): self
    {
        return new self($this->offset, $this->slopeA, $this->slopeB, $this->deviation, $this->reach, $steps);
    }

    /** A mark on floor and wall, plumbed by the person: only where it stands is not known. */
    public static function mark(): self
    {
        return new self(1000.0, 0.0, 0.0, 0.0);
    }

    public static function appliance(): self
    {
        return new self(200.0, 3.0, 1.5, 0.3);
    }

    public static function backWall(): self
    {
        return new self(0.0, 0.0, 4.0, 2.8);
    }

    /** Floors and ceilings: 4 mm a metre off level either way. */
    public static function level(): self
    {
        return new self(400.0, 4.0, 4.0, 2.0);
    }

    /** @param  bool  $alongRun  falls along the run, else along the depth */
    public static function slope(bool $alongRun): self
    {
        return $alongRun ? new self(800.0, 700.0, 4.0, 2.0) : new self(800.0, 4.0, 700.0, 2.0);
    }

    public static function jamb(): self
    {
        return new self(400.0, 0.0, 3.0, 1.0);
    }

    public static function breast(): self
    {
        return new self(600.0, 25.0, 4.0, 2.8);
    }

    /** The line the front will follow: straight and plumb by choice, its two ends not yet known. */
    public static function frontLine(): self
    {
        return new self(300.0, 10.0, 0.0, 0.0);
    }

    public static function straightedge(bool $levelled, float $levelMmPerMetre): self
    {
        return new self(40.0, $levelled ? $levelMmPerMetre : 25.0, 0.0, 0.0);
    }

    public static function single(): self
    {
        return new self(1000.0, 0.0, 0.0, 0.0);
    }

    /**
     * @param  array{float, float}  $p  metres
     * @param  array{float, float}  $q  metres
     */
    public function covariance(array $p, array $q): float
    {
        [$offset, $a, $b, $deviation] = $this->variances;
        $plane = $offset + $a * $p[0] * $q[0] + $b * $p[1] * $q[1];
        foreach ($this->steps as $step) {
            $plane += $step->isBeyond($p) && $step->isBeyond($q) ? WallStep::HEIGHT_MM ** 2 : 0.0;
        }
        if ($deviation === 0.0) {
            return $plane;
        }
        $r = self::ROOT_3 * hypot($p[0] - $q[0], $p[1] - $q[1]) / $this->reach;

        return $plane + $deviation * (1.0 + $r) * exp(-$r);
    }
}
