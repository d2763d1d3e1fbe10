<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** A weighted sum of unknowns. */
final readonly class Linear implements Observation
{
    /** @param  array<int, float>  $coefficients  by unknown */
    public function __construct(
        private array $coefficients,
        private float $value,
        private float $sigma,
        private string $reading = '',
    ) {
    }

    public function predict(array $state): array
    {
        return [Sum::value($this->coefficients, $state), $this->coefficients];
    }

    public function value(): float
    {
        return $this->value;
    }

    public function sigma(): float
    {
        return $this->sigma;
    }

    public function reading(): string
    {
        return $this->reading;
    }
}
