<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Space;

/** Turns readings into equations in the unknowns. */
final readonly class Equations
{
    private SideEquations $sides;

    private OverheadEquations $overhead;

    public function __construct(private Nodes $nodes, private Instruments $instruments)
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
        $sigma = $this->instruments->sigma($reading, $take, $this->nodes->sizes);
        $value = $take->number();
        $sizes = $this->nodes->sizes;

        return match ($reading->kind) {
            ReadingKind::Diagonal => $reading->face === Face::Floor
                ? new Distance($this->sides->floorDiagonal($reading), $this->sides->floorDepth($reading), [0.0, 0.0], $value, $sigma, $reading->id)
                : $this->openingDiagonal($reading, $value, $sigma),
            ReadingKind::ThreeFourFive => new Distance(
                Sum::times($this->sides->closing($reading, $reading->alongSide->units ?? 0), -1.0), [],
                [(float) ($reading->alongBack?->millimetres() ?? 0.0), (float) ($reading->alongSide?->millimetres() ?? 0.0)],
                $value, $sigma, $reading->id),
            ReadingKind::CornerAngle => new Bearing($this->sides->closing($reading, $sizes->depth->units),
                (float) $sizes->depth->millimetres(), [90.0, -1.0], $value, $sigma, $reading->id),
            ReadingKind::SlopeAngle => $this->overhead->angle($reading, $value, $sigma),
            ReadingKind::SlopeStart => new Linear($this->overhead->meeting($take), 0.0, OverheadEquations::USUAL_PITCH * $sigma, $reading->id),
            default => new Linear($this->coefficients($reading), $value, $sigma, $reading->id),
        };
    }

    /** @return array<int, float> */
    private function coefficients(Reading $reading): array
    {
        return match ($reading->kind) {
            ReadingKind::Height, ReadingKind::Level, ReadingKind::Knee, ReadingKind::SlopeRise,
            ReadingKind::StepHeight, ReadingKind::StepAt => $this->overhead->of($reading),
            ReadingKind::Gap => $reading->on()->isLevel()
                ? $this->overhead->gap($reading) : $this->sides->of($reading),
            default => $this->sides->of($reading),
        };
    }

    /** Without a ceiling nobody knows where the upper corners are, and the diagonal says nothing. */
    private function openingDiagonal(Reading $reading, float $value, float $sigma): ?Distance
    {
        if ($this->nodes->sizes->space->taken(ReadingKind::Height) === []) {
            return null;
        }

        return new Distance($this->sides->acrossOpening($reading), $this->overhead->upOpening($reading), [0.0, 0.0], $value, $sigma, $reading->id);
    }
}
