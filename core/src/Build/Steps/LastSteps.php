<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Build\Caulking;
use Incastro\Core\Build\Shopping\FinishNeeds;
use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\FinishKind;
use Incastro\Core\Document\Model\FinishWhen;
use Incastro\Core\Document\Model\StoredThing;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;

/** Filling, caulking and, for who paints at the end, the finish; then what was taken off, what is kept in it, and a last look. */
final readonly class LastSteps
{
    /** Caulk takes paint after so many hours: our own figure for a paintable one. */
    private const CAULKED_H = 4.0;

    public function __construct(private PlacedPiece $built, private Draft $draft)
    {
    }

    public function add(): void
    {
        $piece = $this->built->piece;
        $isPainted = $piece->finish->kind === FinishKind::Paint;
        $fixed = array_fill_keys($this->placing(StepKind::Top, StepKind::Filler, StepKind::Trim,
            StepKind::SiteFrame, StepKind::Fix, StepKind::Stand, StepKind::Slats), 0.0);
        $heads = $this->draft->fastened($this->built)->heads();
        $last = [];
        if ($isPainted && $heads > 0) {
            $last[$this->step($this->made(StepKind::FillHeads, [Text::of('number.heads', n: $heads)], $heads), $fixed, 'fixed')] = 0.0;
        }
        $caulked = Caulking::edges($this->built);
        if ($caulked !== []) {
            $metres = array_sum(array_map(fn (EdgeFit $e): float => $e->profile->length()->units / Length::PER_MM / 1000, $caulked));
            $gaps = array_map(fn (EdgeFit $e): Text => Text::of('number.caulk', edge: Text::of("edge.{$e->name->value}"),
                least: $e->least(), greatest: $e->greatest()), $caulked);
            $last[$this->step($this->made(StepKind::Caulk, $gaps, (int) ceil($metres)), $fixed + $last, 'fixed')] = self::CAULKED_H;
        }
        $painted = $this->finish($fixed, $last);
        $this->opening($painted);
        $this->end($painted);
    }

    /**
     * @param  array<string, float>  $fixed
     * @param  array<string, float>  $last
     * @return list<string> what the finish ends with
     */
    private function finish(array $fixed, array $last): array
    {
        $finish = $this->built->piece->finish;
        if ($finish->kind === FinishKind::None) {
            return array_keys($last);
        }
        if ($this->built->project->make->finish === FinishWhen::Before) {
            return [$this->step($this->made(StepKind::TouchUp, [Text::of('number.touch_up')], 5), $fixed + $last, 'caulked')];
        }
        $parts = count(array_filter($this->built->fit->panels, fn (Panel $p): bool => $p->isWood()));
        $step = $this->step($this->made(StepKind::SandOnSite, [Text::of('number.grits')], $parts), $fixed + $last, 'caulked');
        $hours = 0.0;
        if ($finish->isPrimed()) {
            $step = $this->step($this->made(StepKind::PrimeOnSite, [Text::of('number.prime')], $parts), [$step => $hours], 'sanded');
            $hours = BenchSteps::RECOAT_H;
        }
        foreach (range(1, FinishNeeds::coats($this->built->piece)) as $n) {
            $step = $this->step($this->made(StepKind::CoatOnSite, [Text::of('number.coat')], $parts, $n), [$step => $hours], 'recoat');
            $hours = BenchSteps::RECOAT_H;
        }

        return [$step];
    }

    /**
     * Doors and drawers go in when nothing drips on them any more.
     *
     * @param  list<string>  $painted
     */
    private function opening(array $painted): void
    {
        foreach ([StepKind::Lids, StepKind::Drawers, StepKind::Doors, StepKind::Shelves] as $kind) {
            foreach ($painted as $step) {
                $this->draft->graph->need("$kind->value:{$this->built->piece->id}", $step, 'painted',
                    $this->built->piece->finish->kind === FinishKind::None ? 0.0 : BenchSteps::HANDLED_H);
            }
        }
    }

    /** @param  list<string>  $painted */
    private function end(array $painted): void
    {
        $all = array_values(array_unique(array_filter($this->placing(StepKind::Top, StepKind::Filler, StepKind::Trim, StepKind::SiteFrame,
            StepKind::Fix, StepKind::Stand, StepKind::Slats, StepKind::Lids, StepKind::Drawers, StepKind::Doors, StepKind::Shelves))));
        $back = array_values(array_filter($this->built->room->things, fn (PlacedThing $t): bool => $t->thing->treatment === Treatment::TakeOff));
        $says = array_merge(...array_map(fn (PlacedThing $t): array => (new PutBack($t, $this->draft->inRoom($this->built)))->says(), $back), ...[[]]);
        if ($back !== [] && ! $this->draft->graph->has("refit:{$this->built->room->space->id}")) {
            $this->draft->add(new Step("refit:{$this->built->room->space->id}", StepKind::Refit, null,
                Text::of('step.refit', space: $this->built->room->space->name),
                numbers: $says, amount: count(array_filter($says, PutBack::isWhole(...)))));
        }
        foreach ($back === [] ? [] : [...$all, ...$painted] as $before) {
            $this->draft->graph->need("refit:{$this->built->room->space->id}", $before, 'fixed');
        }
        $kept = array_values(array_filter($this->built->project->stored, fn (StoredThing $t): bool => isset($this->built->design->cells[$t->bay ?? ''])));
        $bought = array_values(array_filter($this->built->design->hardware,
            fn (Hardware $h): bool => in_array($h->name->key, ['hardware.mattress', 'hardware.foam', 'hardware.cloth'], true)));
        $check = $this->step($this->made(StepKind::Check, [Text::of('number.check')], 0), array_fill_keys([...$all, ...$painted], 0.0), 'last');
        if ($kept === [] && $bought === []) {
            return;
        }
        $numbers = [...array_map(fn (Hardware $h): Text => $h->name, $bought),
            ...array_map(fn (StoredThing $t): Text => Text::of('number.kept', thing: $t->name, bay: $this->built->design->cells[$t->bay ?? '']->label), $kept)];
        $furnish = $this->step($this->made(StepKind::Furnish, $numbers, count($numbers)), [$check => 0.0], 'last');
        foreach ($painted as $step) {
            $this->draft->graph->need($furnish, $step, 'cured', $this->built->piece->finish->kind === FinishKind::None ? 0.0 : FittingSteps::CURED_H);
        }
    }

    /**
     * @param  list<Text>  $numbers
     * @param  int  $n  the how manieth of its kind; 0 where there is one
     */
    private function made(StepKind $kind, array $numbers, int $amount, int $n = 0): Step
    {
        $piece = $this->built->piece;

        return new Step("$kind->value:$piece->id".($n > 0 ? ":$n" : ''), $kind, $piece->id,
            Text::of("step.$kind->value", piece: $piece->name, n: $n), array_keys($this->built->panels), numbers: $numbers, amount: $amount);
    }

    /** @param  array<string, float>  $after  steps, and how many hours after each */
    private function step(Step $made, array $after, string $why): string
    {
        $step = $this->draft->add($made);
        foreach ($after as $before => $hours) {
            $this->draft->graph->need($step, $before, $why, $hours);
        }

        return $step;
    }

    /** @return list<string> steps of the piece of those kinds */
    private function placing(StepKind ...$kinds): array
    {
        $names = array_map(fn (StepKind $k): string => $k->value, $kinds);
        $own = [];
        foreach ($this->draft->graph->all() as $id => $step) {
            if ($step->piece === $this->built->piece->id && in_array($step->kind->value, $names, true)) {
                $own[] = (string) $id;
            }
        }

        return $own;
    }
}
