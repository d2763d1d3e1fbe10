<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Build\PieceWork;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Document\HeldStep;
use Incastro\Core\Document\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Fit\Units\Units;
use Incastro\Core\Measure\Text;

/** Makes the steps of a project from its pieces, its methods and its rooms. */
final readonly class StepMaker
{
    /** @param  array<string, list<Finding>>  $held  by piece, what waits for somebody to decide */
    public function __construct(private Project $project, private array $held = [])
    {
    }

    /** @param  list<PieceWork>  $works */
    public function make(array $works, Cutting $cutting): WorkPlan
    {
        $draft = new Draft;
        (new ShopSteps($this->project, $cutting))->into($draft);
        $findings = [];
        foreach ($works as $work) {
            array_push($findings, ...$this->piece($work, $draft));
        }
        $usual = $draft->graph->inOrder();

        return new WorkPlan($this->project, $draft->graph->needs($usual), (new Ordering($this->project->make->order))->of($usual), $this->holding($draft, $cutting), $findings);
    }

    /** @return list<Finding> */
    private function piece(PieceWork $work, Draft $draft): array
    {
        $units = Units::of($work);
        $hidden = Hidden::of($work);
        (new BenchSteps($work, $draft))->add();
        $shop = new AssemblySteps($work, $draft, $units, $hidden);
        $shop->dryFits();
        (new BenchSteps($work, $draft))->finish();
        $shop->assemblies();
        $site = new SiteSteps($work, $draft, $units, $shop);
        $site->add();
        (new FittingSteps($work, $draft, $units, $shop, $site))->add();
        (new LastSteps($work, $draft))->add();
        $blocked = [...$shop->blocked, ...(new BeforeHidden($work, $draft, $units, $site))->keep($hidden)];

        return array_map(fn (array $b): Finding => self::blocked($work, $b), $blocked);
    }

    /** @param  array{string, string, string}  $blocked */
    private static function blocked(PieceWork $work, array $blocked): Finding
    {
        [$a, $b, $by] = array_map(fn (string $id): Text => $work->panels[$id]->name, $blocked);

        return new Finding('make.screws_hidden', Severity::Look, new Place('make', $blocked[0]), Text::of('make.screws_hidden', part: $a, other: $b, by: $by), Text::of('make.screws_hidden.remedy', part: $a, other: $b, by: $by), Text::of('source.steps'));
    }

    /** @return array<string, list<Finding>> what holds each step up */
    private function holding(Draft $draft, Cutting $cutting): array
    {
        $pieceOf = [];
        foreach ($cutting->parts as $part) {
            $pieceOf[$part->panel->id] = $part->panel->piece;
        }
        $holding = [];
        foreach ($draft->graph->all() as $id => $step) {
            $before = match ($step->kind) {
                StepKind::CutSheet, StepKind::CutLumber, StepKind::CutOther => HeldStep::Cut,
                StepKind::Stand, StepKind::Fix, StepKind::SiteFrame, StepKind::SetBase => HeldStep::Fix,
                default => null,
            };
            $pieces = $step->piece !== null ? [$step->piece] : array_values(array_unique(array_map(fn (string $p): string => $pieceOf[$p] ?? '', $step->parts)));
            foreach ($before === null ? [] : $pieces as $piece) {
                foreach ($this->held[$piece] ?? [] as $finding) {
                    if ($finding->decides?->before() === $before) {
                        $holding[$id][] = $finding;
                    }
                }
            }
        }

        return $holding;
    }
}
