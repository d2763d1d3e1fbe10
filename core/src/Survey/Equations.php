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
    private EquationTerms $terms;

    public function __construct(Nodes $nodes, Instruments $instruments)
    {
        $this->terms = new EquationTerms($nodes, $instruments);
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
        return Measurements::of($reading->kind)->equation($reading, $take, $this->terms);
    }
}
