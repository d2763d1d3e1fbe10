<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
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

    /** @return list<Observation> what takes of a whole face say of all of it, and then one for each standing take */
    public function of(Space $space): array
    {
        $observations = $allOver = [];
        foreach ($space->readings as $reading) {
            foreach ($reading->takes as $take) {
                $observation = $this->equation($reading, $take);
                if ($observation !== null) {
                    $observations[] = $observation;
                }
                array_push($allOver, ...$this->allOver($reading, $take));
            }
        }

        return [...$allOver, ...$observations];
    }

    /** @return list<Observation> what holds all over a face once this is read */
    public function allOver(Reading $reading, Take $take): array
    {
        return $reading->kind !== ReadingKind::SlidEdge ? []
            : (new SlidFace($this->terms->nodes, $reading))->elsewhere($take, $this->terms->sigma($reading, $take));
    }

    /** What a take of a reading says; null where the space has nothing for it to say (a diagonal without a height). */
    public function equation(Reading $reading, Take $take): ?Observation
    {
        return Measurements::of($reading->kind)->equation($reading, $take, $this->terms);
    }
}
