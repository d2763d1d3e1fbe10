<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Something measured: what the room as guessed would give, and how that changes with each unknown. */
abstract readonly class Observation
{
    /**
     * @param  float  $value  mm, or degrees
     * @param  float  $sigma  its standard deviation, the same
     * @param  string  $reading  the reading's id
     */
    public function __construct(public float $value, public float $sigma, public string $reading)
    {
    }

    /**
     * @param  array<int, float>  $state  mm
     * @return array{float, array<int, float>} predicted value and partial derivatives by unknown
     */
    abstract public function predict(array $state): array;
}
