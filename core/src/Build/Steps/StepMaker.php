<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\HeldStep;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;

/** Makes the steps of a project from its pieces, its methods and its rooms. */
final readonly class StepMaker
{
    /** @param  array<string, list<Finding>>  $held  by piece, what waits for somebody to decide */
    public function __construct(private Project $project, private array $held = [])
    {
    }

    public function make(Assembly $assembly, Cutting $cutting): WorkPlan
    {
        $draft = new Draft($assembly);
        (new ShopSteps($this->project, $cutting))->into($draft);
        $hidden = array_map(fn (PlacedPiece $built): \Closure => $this->piece($built, $draft, $assembly), array_values($assembly->pieces));
        $rests = new Rests($assembly->footing, $draft);
        $rests->add();
        // What is hidden gives way to what has to carry.
        $findings = array_merge(array_map(fn (array $b): Finding => self::circular(...$b), $rests->blocked),
            ...array_map(fn (\Closure $keep): array => $keep(), $hidden));
        $usual = $draft->graph->inOrder();

        return new WorkPlan($this->project, $draft->graph->needs($usual),
            (new Ordering($this->project->make->order))->of($usual), $this->holding($draft, $cutting), $findings, $draft->driven,
            $draft->fitted);
    }

    /** @return \Closure(): list<Finding> keeps what is to be done before it is hidden, once all else is in order */
    private function piece(PlacedPiece $built, Draft $draft, Assembly $assembly): \Closure
    {
        $hidden = Hidden::of($built, $draft->fastened($built));
        (new BenchSteps($built, $draft))->add();
        $shop = new AssemblySteps($built, $draft, $hidden);
        $shop->dryFits();
        (new BenchSteps($built, $draft))->finish();
        $shop->assemblies();
        $site = new SiteSteps($built, $draft, $shop, $assembly);
        $site->add();
        (new FittingSteps($built, $draft, $shop, $site))->add();
        (new LastSteps($built, $draft))->add();

        return fn (): array => array_map(fn (array $b): Finding => self::blocked($built, $b),
            [...$shop->blocked, ...(new BeforeHidden($built, $draft, $site, $assembly->wallScrews($built->piece->id)))->keep($hidden)]);
    }

    /** @param  array{string, string, string}  $blocked */
    private static function blocked(PlacedPiece $built, array $blocked): Finding
    {
        [$a, $b, $by] = array_map(fn (string $id): Text => $built->panels[$id]->name, $blocked);

        return new Finding('make.screws_hidden', Severity::Look, new Place(WorkStage::Make, $blocked[0]),
            Text::of('make.screws_hidden', part: $a, other: $b, by: $by),
            Text::of('make.screws_hidden.remedy', part: $a, other: $b, by: $by), Text::of('source.steps'));
    }

    private static function circular(Body $upper, Body $lower): Finding
    {
        $args = ['part' => $upper->name, 'on' => $lower->name];

        return new Finding('make.stands_early', Severity::Stop, new Place(WorkStage::Make, $upper->id),
            Text::of('make.stands_early', ...$args), Text::of('make.stands_early.remedy', ...$args), Text::of('source.steps'));
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
            $pieces = $step->piece !== null ? [$step->piece]
                : array_values(array_unique(array_map(fn (string $p): string => $pieceOf[$p] ?? '', $step->parts)));
            foreach ($before === null ? [] : $pieces as $piece) {
                foreach ($this->held[$piece] ?? [] as $finding) {
                    if ($finding->before() === $before) {
                        $holding[$id][] = $finding;
                    }
                }
            }
        }

        return $holding;
    }
}
