<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** A straight distance, √(u² + v²), where u and v are weighted sums of unknowns plus a constant. */
final readonly class Distance extends Observation
{
    /**
     * @param  array<int, float>  $across
     * @param  array<int, float>  $up
     * @param  array{float, float}  $constants  mm, added to across and up
     */
    public function __construct(
        private array $across,
        private array $up,
        private array $constants,
        float $value,
        float $sigma,
        string $reading,
        float $tape = 0.0,
        float $over = 0.0,
    ) {
        parent::__construct($value, $sigma, $reading, $tape, $over);
    }

    public function predict(array $state): array
    {
        $u = Sum::value($this->across, $state) + $this->constants[0];
        $v = Sum::value($this->up, $state) + $this->constants[1];
        $d = hypot($u, $v) ?: 1.0;

        return [$d + $this->tapeOver, Sum::of(Sum::times($this->across, $u / $d), Sum::times($this->up, $v / $d))];
    }
}
