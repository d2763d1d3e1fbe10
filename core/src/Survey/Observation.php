<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Something measured: what the room as guessed would give, and how that changes with each unknown. */
abstract readonly class Observation
{
    /**
     * @param  float  $value  mm, or degrees
     * @param  float  $sigma  its own standard deviation, the same
     * @param  string  $reading  the reading's id; empty where nobody read it as such: what holds all over a face
     * @param  float  $tape  the standard deviation of what it shares with all that the same tape reads: its scale and its hook, mm
     * @param  float  $tapeOver  what that tape is known to read too much, mm
     */
    public function __construct(public float $value, public float $sigma, public string $reading, public float $tape = 0.0, protected float $tapeOver = 0.0)
    {
    }

    /**
     * @param  array<int, float>  $state  mm
     * @return array{float, array<int, float>} predicted value and partial derivatives by unknown
     */
    abstract public function predict(array $state): array;
}
