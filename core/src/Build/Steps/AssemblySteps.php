<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Carried;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What is joined in the shop: bases, carcasses stage by stage, backs, frames, drawers and framed doors. */
final class AssemblySteps
{
    /** In clamps, and until it may be carried (fieldbook §10). */
    private const CLAMPS_H = 1.0;

    private const STRONG_H = 24.0;

    /** @var array<string, string> the last step of each unit, by its id */
    public array $done = [];

    /** @var list<array{string, string, string}> joints that can be screwed in no order, and what is in the way */
    public array $blocked = [];

    /**
     * @param  list<array{string, string, string}>  $hidden  see Hidden
     */
    public function __construct(private readonly PlacedPiece $built, private readonly Draft $draft,
        private readonly array $hidden)
    {
    }

    /** Tried dry before anything is glued or painted. */
    public function dryFits(): void
    {
        foreach ($this->built->units as $unit) {
            if ($unit->kind === UnitKind::Carcass && count($unit->panels) > 2) {
                $step = $this->draft->add(new Step("dry_fit:$unit->id", StepKind::DryFit, $this->built->piece->id,
                    Text::of('step.dry_fit', piece: $unit->name($this->built->piece), part: $unit->panels[0]->name), $unit->ids(),
                    numbers: Numbers::square($unit),
                    checks: [Text::of('check.dry_fit'), ...Numbers::squareCheck($unit)], amount: count($unit->panels), hands: $this->hands($unit)));
                $this->draft->after($step, $unit->ids(), 'drilled');
                foreach ($unit->ids() as $part) {
                    $this->draft->benched[$part] = $step;
                }
            }
        }
    }

    public function assemblies(): void
    {
        foreach ($this->built->units as $unit) {
            match (true) {
                $unit->kind === UnitKind::Carcass => $this->carcass($unit),
                count($unit->panels) > 1 && $unit->kind !== UnitKind::Loose => $this->whole($unit),
                default => null,
            };
        }
    }

    public function hands(Unit $unit): int
    {
        return Load::peopleFor($this->kg($unit), $this->built->carried->longest($unit)->units / Length::PER_MM);
    }

    public function kg(Unit $unit): float
    {
        return $this->built->weight->of(...$this->built->carried->panels($unit));
    }

    /** Hours until glue lets it be moved. */
    public function strongAfter(): float
    {
        return $this->built->piece->methods->glue ? self::STRONG_H : 0.0;
    }

    /** The carcass a board is joined to the others of; null for what is in none. */
    public function carcassOf(Panel $panel): ?Unit
    {
        return array_values(array_filter($this->built->units, fn (Unit $u): bool => $u->kind === UnitKind::Carcass && $u->has($panel->id)))[0] ?? null;
    }

    private function whole(Unit $unit): void
    {
        $kind = match ($unit->kind) {
            UnitKind::Base => StepKind::Base,
            UnitKind::Frame => StepKind::Frame,
            default => StepKind::Mover,
        };
        $id = "$kind->value:$unit->id";
        // It is fixed to what is up by then, with its brackets, where it goes.
        $isSetUp = $unit->kind === UnitKind::Ladder;
        $step = $this->draft->add(new Step($id, $kind, $this->built->piece->id,
            Text::of($isSetUp ? 'step.ladder' : "step.$kind->value", piece: $unit->name($this->built->piece), part: $unit->panels[0]->name),
            $unit->ids(), places: $isSetUp ? [] : $unit->ids(),
            numbers: [...Numbers::square($unit), ...$this->driven($id, $unit->ids()),
                ...($isSetUp ? [] : FittingNumbers::of($this->built, $this->draft->fit($this->built, $id, $unit->ids())))],
            checks: Numbers::squareCheck($unit), amount: count($unit->panels)));
        $this->draft->after($step, $unit->ids(), 'bench');
        $this->done[$unit->id] = $step;
    }

    private function carcass(Unit $unit): void
    {
        $sequence = Sequence::of($unit, $this->hidden);
        array_push($this->blocked, ...$sequence->blocked);
        $stages = $this->merged($sequence->stages);
        $placed = [];
        $last = null;
        foreach ($stages as $i => $panels) {
            $ids = array_map(fn (Panel $p): string => $p->id, $panels);
            $placed += array_flip($ids);
            $step = $this->stage($unit, new Stage($i + 1, count($stages), $ids, $this->joints($placed, $ids), array_keys($placed)));
            $this->draft->graph->need($step, $last, $this->built->piece->methods->glue ? 'clamps' : 'stage',
                $this->built->piece->methods->glue ? self::CLAMPS_H : 0.0);
            $last = $step;
        }
        $this->done[$unit->id] = $last ?? '';
        $this->backs($unit);
    }

    private function stage(Unit $unit, Stage $stage): string
    {
        [$n, $of, $new, $joints] = [$stage->n, $stage->of, $stage->new, $stage->joints];
        $roles = array_map(fn (string $id): Role => $this->built->panels[$id]->role, $new);
        $bays = array_values(array_unique(array_filter(array_map(fn (string $id): ?string => $this->built->panels[$id]->bay, $new))));
        $isLast = $n === $of;
        $hasShelves = in_array(Role::Shelf, $roles, true);
        $id = "assemble:$unit->id:$n";
        $step = $this->draft->add(new Step($id, StepKind::Assemble, $this->built->piece->id,
            Text::of($of === 1 ? 'step.assemble' : 'step.assemble_stage',
                piece: $unit->name($this->built->piece), part: $unit->panels[0]->name, n: $n, of: $of),
            $stage->standing, places: $new,
            numbers: [...($hasShelves ? Numbers::spacers($this->built, $bays) : []), ...$this->driven($id, $stage->standing),
                ...($isLast ? Numbers::square($unit) : [])],
            checks: $isLast ? [...Numbers::squareCheck($unit), Text::of('check.twist')] : [Text::of('check.flush')],
            amount: count($new) + count($joints) / 2, hands: min(2, max(1, $this->hands($unit))),
            cautions: $this->built->piece->methods->glue ? ['glue'] : []));
        $this->draft->after($step, $new, 'bench');

        return $step;
    }

    /**
     * A stage in which nothing is joined yet is done with the next.
     *
     * @param  list<non-empty-list<Panel>>  $stages
     * @return list<non-empty-list<Panel>>
     */
    private function merged(array $stages): array
    {
        $merged = $waiting = $placed = [];
        foreach ($stages as $i => $panels) {
            $ids = array_map(fn (Panel $p): string => $p->id, $panels);
            $placed += array_flip($ids);
            $waiting = [...$waiting, ...$panels];
            if ($i === count($stages) - 1 || $this->joints($placed, $ids) !== []) {
                $merged[] = $waiting;
                $waiting = [];
            }
        }

        return $merged;
    }

    /**
     * Joints made when the new ones come to those that are there.
     *
     * @param  array<string, int>  $placed
     * @param  list<string>  $new
     * @return list<array{string, string}>
     */
    private function joints(array $placed, array $new): array
    {
        $made = [];
        foreach ($this->built->design->joints as $joint) {
            $isHeld = ! in_array($joint->kind, [JointKind::Rests, JointKind::Pins, JointKind::Clears], true);
            if ($isHeld && isset($placed[$joint->first], $placed[$joint->second])
                && (in_array($joint->first, $new, true) || in_array($joint->second, $new, true))) {
                $made[] = [$joint->first, $joint->second];
            }
        }

        return $made;
    }

    /**
     * @param  list<string>  $standing
     * @return list<Text> what holds those to one another that nothing held yet
     */
    private function driven(string $step, array $standing): array
    {
        $is = array_fill_keys($standing, true);

        return Numbers::fasteners($this->built,
            $this->draft->drive($this->built, $step, fn (Fastener $f): bool => isset($is[$f->from], $is[$f->into ?? ''])));
    }

    /**
     * @param  list<string>  $backs
     * @return list<Text> what is looked at where something comes through them
     */
    private function opened(array $backs): array
    {
        return array_filter($backs, fn (string $back): bool => $this->built->panels[$back]->taken !== []) === [] ? [] : [Text::of('check.cables')];
    }

    /** A back keeps its carcass square: it goes on once the diagonals are equal, at the carcass it touches most of. */
    private function backs(Unit $unit): void
    {
        $backs = [];
        foreach ($this->built->units as $other) {
            if ($this->built->carried->carcassOf($other) === $unit) {
                $backs[] = $other->id;
            }
        }
        if ($backs === []) {
            return;
        }
        $screws = $this->draft->drive($this->built, "back:$unit->id", fn (Fastener $f): bool => in_array($f->from, $backs, true));
        $step = $this->draft->add(new Step("back:$unit->id", StepKind::Back, $this->built->piece->id,
            Text::of('step.back', piece: $unit->name($this->built->piece), part: $unit->panels[0]->name), [...$unit->ids(), ...$backs], places: $backs,
            numbers: [...Numbers::square($unit), ...Numbers::fasteners($this->built, $screws)],
            checks: [...Numbers::squareCheck($unit), ...$this->opened($backs)], amount: count($backs)));
        $this->draft->after($step, $backs, 'bench');
        $this->draft->graph->need($step, $this->done[$unit->id], 'square_first');
        $this->done[$unit->id] = $step;
        foreach ($backs as $back) {
            $this->done[$back] = $step;
        }
    }
}
