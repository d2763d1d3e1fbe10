<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** An angle in degrees: from + turn · atan(u / over), where u is a weighted sum of unknowns and `over` a length in mm. */
final readonly class Bearing extends Observation
{
    /**
     * @param  array<int, float>  $rise
     * @param  array{float, float}  $fromAndTurn  degrees, ±1
     */
    public function __construct(
        private array $rise,
        private float $over,
        private array $fromAndTurn,
        float $value,
        float $sigma,
        string $reading,
    ) {
        parent::__construct($value, $sigma, $reading);
    }

    public function predict(array $state): array
    {
        [$from, $turn] = $this->fromAndTurn;
        $ratio = Sum::value($this->rise, $state) / $this->over;

        return [$from + $turn * rad2deg(atan($ratio)), Sum::times($this->rise, $turn * rad2deg(1.0 / ($this->over * (1.0 + $ratio ** 2))))];
    }
}
