<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Trial;

use Incastro\Core\Build\Caulking;
use Incastro\Core\Build\Squared;
use Incastro\Core\Build\Steps\Step;
use Incastro\Core\Build\Steps\StepKind;
use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\GapAt;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What is checked on one piece: each assembly for square and closed joints, the base for level, each edge for its gap. */
final readonly class PieceTrials
{
    public function __construct(private PlacedPiece $built, private WorkPlan $plan)
    {
    }

    /** @return list<Trial> */
    public function all(): array
    {
        $trials = [];
        foreach ($this->built->units as $unit) {
            if (count($unit->panels) > 2 && in_array($unit->kind, [UnitKind::Base, UnitKind::Carcass, UnitKind::Frame], true)) {
                array_push($trials, ...array_filter([$this->square($unit)]), ...($unit->kind === UnitKind::Carcass ? [$this->joints($unit)] : []));
            }
        }

        return array_values(array_filter([...$trials, $this->level(), ...array_map($this->edge(...), $this->built->fit->edges)]));
    }

    private function square(Unit $unit): ?Trial
    {
        $squared = Squared::of($unit);
        if ($squared === null) {
            return null;
        }
        $key = match ($unit->kind) {
            UnitKind::Base => 'trial.square_base', UnitKind::Frame => 'trial.square_frame', default => 'trial.square'
        };
        $points = [new TrialPoint('first', Text::of('trial.first'), $squared->rising),
            new TrialPoint('second', Text::of('trial.second'), $squared->falling)];

        return new Trial("square:$unit->id", TrialKind::Square, $this->built->piece->id,
            Text::of($key, what: $unit->name($this->built->piece)), $points, $this->together($unit), $squared->width,
            Length::greatest($squared->left, $squared->right));
    }

    private function joints(Unit $unit): Trial
    {
        $points = [];
        foreach ($this->built->design->joints as $joint) {
            if ($unit->has($joint->first) && $unit->has($joint->second)) {
                $points["$joint->first $joint->second"] = new TrialPoint("$joint->first $joint->second",
                    Text::of('trial.joint', part: $this->built->panels[$joint->first]->name, other: $this->built->panels[$joint->second]->name),
                    Length::zero());
            }
        }

        return new Trial("joints:$unit->id", TrialKind::Joints, $this->built->piece->id, Text::of('trial.joints', what: $unit->name($this->built->piece)),
            array_values($points), $this->together($unit), $unit->extent(Axis::X), $unit->extent(Axis::Z));
    }

    private function level(): ?Trial
    {
        $points = [];
        foreach ($this->built->fit->supports as $support) {
            if (! isset($this->built->panels[$support->under])) {
                continue;
            }
            $under = $this->built->panels[$support->under];
            foreach (['rear', 'front'] as $end) {
                $points["$under->id $end"] = new TrialPoint("$under->id $end",
                    Text::of("trial.under_$end", part: $under->name, at: $support->x), Length::zero());
            }
        }

        return $points === [] ? null
            : new Trial("level:{$this->built->piece->id}", TrialKind::Level, $this->built->piece->id,
                Text::of('trial.level', piece: $this->built->piece->name), array_values($points),
                $this->steps(StepKind::SetBase) ?: $this->steps(StepKind::Stand), $this->built->fit->box->width->value, $this->built->fit->box->height->value);
    }

    /** What is left between an edge and the house, where it was planned. */
    private function edge(EdgeFit $edge): ?Trial
    {
        if ($edge->kind === null || count($edge->line()->gaps) < 2 || ($edge->kind === EdgeKind::Play && $edge->name->side() === null)) {
            return null;
        }
        $isPlay = $edge->kind === EdgeKind::Play;
        $points = array_map(
            fn (GapAt $g): TrialPoint => new TrialPoint("at {$g->at->units}",
                Text::of("edge.along.{$edge->line()->along->value}_at", at: $g->at), $isPlay ? $g->gap : Length::zero()),
            $edge->line()->gaps);
        $name = Text::of($edge->part === null ? "edge.{$edge->name->value}" : "edge.of_slab.{$edge->name->value}");

        return new Trial("edge:{$this->built->piece->id}:{$edge->name->value}:$edge->part", $isPlay ? TrialKind::Play : TrialKind::Edge,
            $this->built->piece->id, Text::of($isPlay ? 'trial.play' : 'trial.edge', piece: $this->built->piece->name, edge: $name),
            array_values(array_column(array_map(fn (TrialPoint $p): array => [$p->key, $p], $points), 1, 0)),
            $isPlay ? $this->steps(StepKind::Stand, StepKind::Fix) : $this->closing($edge),
            $this->built->fit->box->width->value, $this->built->fit->box->height->value,
            $edge->name->side() === Side::Left, in_array($edge, Caulking::edges($this->built), true));
    }

    /** @return list<string> where an assembly is tried, and where it is finished */
    private function together(Unit $unit): array
    {
        $own = array_filter($this->plan->steps,
            fn (Step $s): bool => in_array($s->kind, [StepKind::DryFit, StepKind::Base, StepKind::Assemble, StepKind::Frame], true)
            && $s->parts !== [] && array_diff($unit->ids(), $s->parts) === []);

        return array_map(strval(...), array_keys($own));
    }

    /** @return list<string> where what closes the edge goes on: it stands on that side of the piece, or is the slab itself */
    private function closing(EdgeFit $edge): array
    {
        $middle = $this->built->fit->box->left->plus($this->built->fit->box->width->value->half());
        $isThere = fn (string $id): bool => match (true) {
            $edge->part !== null => $id === $edge->part,
            $edge->name->side() === null => true,
            default => isset($this->built->panels[$id]) && $this->built->panels[$id]->block->from(Axis::X)
                ->isLessThan($middle) === ($edge->name->side() === Side::Left),
        };
        $kinds = $edge->name->side() === null && $edge->part === null ? [StepKind::Trim] : [StepKind::Filler, StepKind::Trim, StepKind::Scribe, StepKind::Top];

        return array_values(array_filter($this->steps(...$kinds),
            fn (string $step): bool => array_filter($this->plan->steps[$step]->places ?: $this->plan->steps[$step]->parts, $isThere) !== []));
    }

    /** @return list<string> */
    private function steps(StepKind ...$kinds): array
    {
        return array_map(strval(...),
            array_keys(array_filter($this->plan->steps, fn (Step $s): bool => $s->piece === $this->built->piece->id && in_array($s->kind, $kinds, true))));
    }
}
