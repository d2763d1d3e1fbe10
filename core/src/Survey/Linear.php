<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** A weighted sum of unknowns. */
final readonly class Linear extends Observation
{
    /** @param  array<int, float>  $coefficients  by unknown */
    public function __construct(
        private array $coefficients,
        float $value,
        float $sigma,
        string $reading = '',
        float $tape = 0.0,
        float $over = 0.0,
    ) {
        parent::__construct($value, $sigma, $reading, $tape, $over);
    }

    public function predict(array $state): array
    {
        return [Sum::value($this->coefficients, $state) + $this->tapeOver, $this->coefficients];
    }
}
