<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** A weighted sum of unknowns. */
final readonly class Linear implements Observation
{
    /** @param  array<int, float>  $coefficients by unknown */
    public function __construct(
        private array $coefficients,
        private float $value,
        private float $sigma,
        private ?string $reading = null,
    ) {
    }

    public function predict(array $state): array
    {
        $sum = 0.0;
        foreach ($this->coefficients as $i => $c) {
            $sum += $c * $state[$i];
        }

        return [$sum, $this->coefficients];
    }

    public function value(): float
    {
        return $this->value;
    }

    public function sigma(): float
    {
        return $this->sigma;
    }

    public function reading(): ?string
    {
        return $this->reading;
    }
}
