<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Survey\Readings\Measurements;

/** Turns readings into equations in the unknowns. */
final readonly class Equations
{
    public SideEquations $sides;

    public OverheadEquations $overhead;

    public function __construct(public Nodes $nodes, private Instruments $instruments)
    {
        $this->sides = new SideEquations($nodes);
        $this->overhead = new OverheadEquations($nodes);
    }

    /** @return list<Observation> one for each standing take */
    public function of(Space $space): array
    {
        $observations = [];
        foreach ($space->readings as $reading) {
            foreach ($reading->takes as $take) {
                $observation = $this->equation($reading, $take);
                if ($observation !== null) {
                    $observations[] = $observation;
                }
            }
        }

        return $observations;
    }

    /** What a take of a reading says; null where the space has nothing for it to say (a diagonal without a height). */
    public function equation(Reading $reading, Take $take): ?Observation
    {
        return Measurements::of($reading->kind)->equation($reading, $take, $this);
    }

    /** @param  array<int, float>  $coefficients  of the unknowns that the take is the sum of */
    public function linear(array $coefficients, Reading $reading, Take $take): Linear
    {
        return new Linear($coefficients, $take->number(), $this->sigma($reading, $take), $reading->id);
    }

    /** @param  array{array<int, float>, array<int, float>}  $along  coefficients of both legs */
    public function distance(array $along, Reading $reading, Take $take): Distance
    {
        return new Distance($along[0], $along[1], [0.0, 0.0], $take->number(), $this->sigma($reading, $take), $reading->id);
    }

    /** Standard uncertainty of a take, mm, or degrees for an angle. */
    public function sigma(Reading $reading, Take $take): float
    {
        return $this->instruments->sigma($reading, $take, $this->nodes->sizes);
    }
}
