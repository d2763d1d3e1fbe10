<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** A straight distance, √(u² + v²), where u and v are weighted sums of unknowns plus a constant. */
final readonly class Distance implements Observation
{
    /**
     * @param  array<int, float>  $across
     * @param  array<int, float>  $up
     */
    public function __construct(
        private array $across,
        private array $up,
        private float $value,
        private float $sigma,
        private ?string $reading,
    ) {
    }

    public function predict(array $state): array
    {
        [$u] = (new Linear($this->across, 0.0, 1.0))->predict($state);
        [$v] = (new Linear($this->up, 0.0, 1.0))->predict($state);
        $d = hypot($u, $v) ?: 1.0;
        $slopes = array_map(fn (float $c): float => $c * $u / $d, $this->across);
        foreach ($this->up as $i => $c) {
            $slopes[$i] = ($slopes[$i] ?? 0.0) + $c * $v / $d;
        }

        return [$d, $slopes];
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
