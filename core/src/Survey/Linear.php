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
    ) {
        parent::__construct($value, $sigma, $reading);
    }

    public function predict(array $state): array
    {
        return [Sum::value($this->coefficients, $state), $this->coefficients];
    }
}
