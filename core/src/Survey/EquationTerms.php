<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;

/** What an equation is made of: the unknowns, what lies between them, and how sure a take is. */
final readonly class EquationTerms
{
    public SideEquations $sides;

    public OverheadEquations $overhead;

    public function __construct(public Nodes $nodes, private Instruments $instruments)
    {
        $this->sides = new SideEquations($nodes);
        $this->overhead = new OverheadEquations($nodes);
    }

    /** @param  array<int, float>  $coefficients  of the unknowns that the take is the sum of */
    public function linear(array $coefficients, Reading $reading, Take $take): Linear
    {
        return new Linear($coefficients, $take->number(), $this->sigma($reading, $take), $reading->id, ...$this->shared($reading, $take));
    }

    /** @param  array{array<int, float>, array<int, float>}  $along  coefficients of both legs */
    public function distance(array $along, Reading $reading, Take $take): Distance
    {
        return new Distance($along[0], $along[1], [0.0, 0.0], $take->number(), $this->sigma($reading, $take), $reading->id,
            ...$this->shared($reading, $take));
    }

    /** @return array{float, float} what the take shares with all others of its tape, and what that reads too much; mm */
    private function shared(Reading $reading, Take $take): array
    {
        $taped = Instruments::taped($reading, $take);

        return $taped === null ? [0.0, 0.0] : [$this->instruments->tape->deviation($taped), $this->instruments->tape->over($taped)];
    }

    /** Standard uncertainty of a take by itself, mm, or degrees for an angle. */
    public function sigma(Reading $reading, Take $take): float
    {
        return $this->instruments->sigma($reading, $take, $this->nodes->sizes);
    }
}
