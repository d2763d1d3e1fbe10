<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Something measured: what the room as guessed would give, and how that changes with each unknown. */
interface Observation
{
    /**
     * @param  array<int, float>  $state  mm
     * @return array{float, array<int, float>} predicted value and partial derivatives by unknown
     */
    public function predict(array $state): array;

    public function value(): float;

    public function sigma(): float;

    /** The reading's id. */
    public function reading(): string;
}
