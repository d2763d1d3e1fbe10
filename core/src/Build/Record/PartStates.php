<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Record;

use Incastro\Core\Build\Steps\Step;
use Incastro\Core\Build\Steps\StepKind;
use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Measure\Length;

/** How far each part is, by the steps that were done and the cuts that were made; and what it measures where somebody measured it. */
final readonly class PartStates
{
    /** @var array<string, PartState> by part */
    private array $states;

    /** @var array<string, array{length: Length|null, width: Length|null, thickness: Length|null}> by part, the last reading of each */
    private array $measured;

    /** @param  array<string, mixed>  $cut  parts set free at the saw */
    public function __construct(Project $project, WorkPlan $plan, array $cut)
    {
        $states = array_map(fn (): PartState => PartState::Cut, [...$cut, ...$project->log->boards()]);
        $done = $plan->done();
        foreach ($plan->steps as $id => $step) {
            $state = array_key_exists($id, $done) && self::isLast($step, $plan) ? PartState::after($step->kind) : null;
            if ($state === null) {
                continue;
            }
            foreach (self::of($step, $state) as $part) {
                $known = $states[$part] ?? PartState::ToCut;
                $states[$part] = $state->rank() > $known->rank() ? $state : $known;
            }
        }
        $this->states = $states;
        $this->measured = $project->log->measured();
    }

    public function state(string $part): PartState
    {
        return $this->states[$part] ?? PartState::ToCut;
    }

    /** @return array{length: Length|null, width: Length|null, thickness: Length|null}|null null where nobody measured it */
    public function measured(string $part): ?array
    {
        return $this->measured[$part] ?? null;
    }

    /** A finish is on with its last coat. */
    private static function isLast(Step $step, WorkPlan $plan): bool
    {
        $coats = $step->kind === StepKind::Coat
            ? array_filter($plan->steps, fn (Step $s): bool => $s->kind === StepKind::Coat && $s->piece === $step->piece) : [];

        return $coats === [] || $step->id === array_key_last($coats);
    }

    /** @return list<string> a stage of an assembly is about what comes to it, everything else about all its parts */
    private static function of(Step $step, PartState $state): array
    {
        return $state === PartState::Assembled || $state === PartState::Cut ? ($step->places ?: ($step->makes ?: $step->parts)) : $step->parts;
    }
}
