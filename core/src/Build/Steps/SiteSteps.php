<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Screws;
use Incastro\Core\Assembly\Wall\Hold;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Support;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;
use Incastro\Core\Survey\Studs;

/** In the room: what is cleared and written down before it is covered, the base, each carcass to its place, and to the wall. */
final class SiteSteps
{
    /** @var array<string, string> by unit, the step after which it does not move any more */
    public array $fixed = [];

    /** @var array<string, string> by unit, the step after which it stands in its place */
    public array $stood = [];

    private readonly Above $above;

    /** @var list<Unit> */
    private readonly array $glued;

    /** @var list<WallFixing> */
    private readonly array $wall;

    public function __construct(private readonly PlacedPiece $built, private readonly Draft $draft,
        private readonly AssemblySteps $shop, private readonly Assembly $assembly)
    {
        $this->above = new Above($assembly->footing);
        $this->wall = $assembly->wall($built->piece->id);
        $this->glued = $assembly->glued($built->piece->id);
    }

    public function add(): void
    {
        $this->room();
        foreach ($this->carcasses(UnitKind::Base) as $base) {
            $this->base($base);
        }
        $carcasses = $this->carcasses(UnitKind::Carcass);
        foreach ($carcasses as $unit) {
            $this->carry($unit);
            $this->stand($unit);
        }
        foreach ($carcasses as $unit) {
            $this->join($unit, $carcasses);
        }
        (new ServiceSteps($this->built, $this->draft, $this))->add($carcasses);
        foreach ($carcasses as $unit) {
            $this->fix($unit);
        }
    }

    /** @return list<Unit> of the piece */
    public function glued(): array
    {
        return $this->glued;
    }

    public function prepared(): string
    {
        return "prepare:{$this->built->room->space->id}";
    }

    public function recorded(): string
    {
        return "record:{$this->built->room->space->id}";
    }

    /** What is fixed in the room waits for these. */
    public function needRoom(string $step): void
    {
        $this->draft->graph->need($step, $this->prepared(), 'cleared');
        $this->draft->graph->need($step, $this->recorded(), 'recorded');
    }

    /**
     * What hangs on carcasses waits until those do not move any more, but not for those that stand on it.
     *
     * @param  list<string>  $parts  that the step is about
     */
    public function needFixed(string $step, array $parts): void
    {
        foreach (array_diff_key($this->fixed, $this->above->of($parts)) as $fixed) {
            $this->draft->graph->need($step, $fixed, 'fixed');
        }
    }

    private function standing(Unit $unit, string $step): void
    {
        $this->stood[$unit->id] = $this->fixed[$unit->id] = $step;
        $this->draft->stands = array_fill_keys($unit->ids(), $step) + $this->draft->stands;
    }

    private function room(): void
    {
        if ($this->draft->graph->has($this->prepared())) {
            return;
        }
        $space = $this->built->room->space;
        $off = array_values(array_filter($this->built->room->things, fn (PlacedThing $t): bool => $t->thing->treatment === Treatment::TakeOff));
        $step = $this->draft->add(new Step($this->prepared(), StepKind::Prepare, null, Text::of('step.prepare', space: $space->name),
            numbers: [...array_map(fn (PlacedThing $t): Text => Text::of('number.take_off', thing: $t->name()), $off), Text::of('number.protect')],
            amount: 1 + count($off)));
        $studs = Studs::along($space->build, $this->built->room->sizes->width);
        $behind = array_values(array_filter($this->built->room->things,
            fn (PlacedThing $t): bool => in_array($t->thing->treatment, [Treatment::BoxIn, Treatment::Notch, Treatment::CutThrough], true)));
        $record = $this->draft->add(new Step($this->recorded(), StepKind::Record, null, Text::of('step.record', space: $space->name),
            numbers: [...($studs === [] ? [] : [Text::of('number.studs', n: count($studs))]),
                ...array_map(fn (PlacedThing $t): Text => Text::of('number.hidden', thing: $t->name()), $behind)],
            checks: [Text::of('check.photo')], amount: 1 + count($behind),
            asks: [...($studs === [] ? [] : ["studs:$space->id" => Text::of('asks.studs', n: count($studs))]),
                ...array_column(array_map(fn (PlacedThing $t): array => [$t->thing->id, $t->name()], $behind), 1, 0)]));
        $this->draft->graph->need($record, $step, 'cleared');
    }

    private function base(Unit $base): void
    {
        $step = $this->draft->add(new Step("set_base:$base->id", StepKind::SetBase, $this->built->piece->id,
            Text::of('step.set_base', piece: $this->built->piece->name), $base->ids(),
            numbers: $this->shims(), checks: [Text::of('check.level')], amount: count($this->built->fit->supports)));
        $this->draft->graph->need($step, $this->shop->done[$base->id] ?? null, 'assembled', $this->shop->strongAfter());
        $this->draft->after($step, $base->ids(), 'bench');
        $this->needRoom($step);
        $this->standing($base, $step);
    }

    /** @return list<Text> */
    private function shims(): array
    {
        $packed = array_values(array_filter($this->built->fit->supports, fn (Support $s): bool => $s->isPacked()));

        return $packed === [] ? [Text::of('number.no_shims')]
            : array_map(fn (Support $s): Text => Text::of('number.shim', part: $this->built->panels[$s->under]->name ?? Text::of('part.side_left'),
                x: $s->x, rear: $s->shimRear, front: $s->shimFront), $packed);
    }

    private function carry(Unit $unit): void
    {
        $kg = $this->shop->kg($unit);
        $step = $this->draft->add(new Step("carry:$unit->id", StepKind::Carry, $this->built->piece->id,
            Text::of('step.carry', piece: $unit->name($this->built->piece), part: $unit->panels[0]->name), $unit->ids(),
            numbers: [Text::of('number.carried', width: $this->built->carried->extent($unit, Axis::X), depth: $this->built->carried->extent($unit, Axis::Y),
                height: $this->built->carried->extent($unit, Axis::Z)),
                Text::of('number.kg_people', kg: new Amount($kg, AmountUnit::Kilogram), n: $this->shop->hands($unit)),
                ...$this->tilt($unit)], amount: $this->shop->hands($unit), hands: $this->shop->hands($unit)));
        $this->draft->graph->need($step, $this->shop->done[$unit->id] ?? null, 'assembled', $this->shop->strongAfter());
        $this->draft->graph->need($step, $this->prepared(), 'cleared');
    }

    /** @return list<Text> what the ceiling must be to stand it up, of a box that stands: √(height² + depth²) */
    private function tilt(Unit $unit): array
    {
        return $this->assembly->hangs($this->built, $unit) ? [] : [Text::of('number.tilt',
            height: ShopSteps::diagonal($this->built->carried->extent($unit, Axis::Z), $this->built->carried->extent($unit, Axis::Y)))];
    }

    private function stand(Unit $unit): void
    {
        $hasBase = $this->carcasses(UnitKind::Base) !== [];
        $isHung = $this->assembly->hangs($this->built, $unit);
        $step = $this->draft->add(new Step("stand:$unit->id", StepKind::Stand, $this->built->piece->id,
            Text::of($isHung ? 'step.hang' : 'step.stand', piece: $unit->name($this->built->piece), part: $unit->panels[0]->name), $unit->ids(),
            numbers: $isHung ? [Text::of('number.ledger', z: $unit->bottom())] : ($hasBase ? [] : $this->shims()),
            checks: [Text::of('check.level'), Text::of('check.plumb')], amount: $this->shop->hands($unit),
            hands: $isHung ? max(2, $this->shop->hands($unit)) : $this->shop->hands($unit)));
        $this->draft->graph->need($step, "carry:$unit->id", 'carried');
        $this->needRoom($step);
        $this->standing($unit, $step);
    }

    /** @param  list<Unit>  $others */
    private function join(Unit $unit, array $others): void
    {
        foreach ($others as $other) {
            if ($other !== $unit && $unit->isBeside($other)) {
                $thick = $unit->panels[0]->thickness()->plus($other->panels[0]->thickness());
                $step = $this->draft->add(new Step("join:$unit->id:$other->id", StepKind::Join, $this->built->piece->id,
                    Text::of('step.join', part: $unit->name($this->built->piece), other: $other->name($this->built->piece)),
                    [...$unit->ids(), ...$other->ids()],
                    numbers: [Text::of('number.join', most: Screws::mostIn($thick)), ...Numbers::fasteners($this->built, $this->between($unit, $other))],
                    checks: [Text::of('check.flush')], amount: 4));
                $this->draft->graph->need($step, $this->stood[$unit->id], 'stood');
                $this->draft->graph->need($step, $this->stood[$other->id], 'stood');
                $this->fixed[$unit->id] = $this->fixed[$other->id] = $step;
            }
        }
    }

    private function fix(Unit $unit): void
    {
        $fixings = array_values(array_filter($this->wall, fn (WallFixing $f): bool => $unit->has($f->board->id)));
        $down = $this->draft->drive($this->built, "fix:$unit->id", fn (Fastener $f): bool => ! $f->isDrilled() && $f->drive->into === Axis::Z
            && ! $f->drive->upward && $unit->has($f->from) && ! $unit->has($f->into ?? ''));
        if ($fixings === [] && $down === []) {
            return;
        }
        $step = $this->draft->add(new Step("fix:$unit->id", StepKind::Fix, $this->built->piece->id,
            Text::of('step.fix', piece: $unit->name($this->built->piece), part: $unit->panels[0]->name),
            array_values(array_unique([...array_map(fn (WallFixing $f): string => $f->board->id, $fixings),
                ...array_map(fn (Fastener $f): string => $f->from, $down)])),
            numbers: [...Numbers::fasteners($this->built, $down), ...$this->wallScrews($unit)],
            checks: [Text::of('check.level'), Text::of('check.plumb'), Text::of('check.diagonals')],
            amount: count($down) + array_sum(array_map(fn (WallFixing $f): int => count($f->fasteners), $fixings))));
        $this->draft->graph->need($step, $this->fixed[$unit->id], 'stood');
        $this->draft->graph->need($step, "services:{$this->built->room->space->id}:$unit->id", 'services');
        $this->fixed[$unit->id] = $step;
    }

    /** @return list<Fastener> from one box into the other */
    private function between(Unit $unit, Unit $other): array
    {
        return $this->draft->drive($this->built, "join:$unit->id:$other->id", fn (Fastener $f): bool => ! $f->isDrilled()
            && (($unit->has($f->from) && $other->has($f->into ?? '')) || ($other->has($f->from) && $unit->has($f->into ?? ''))));
    }

    /** @return list<Text> each screw of a unit into the wall */
    public function wallScrews(Unit $unit): array
    {
        $says = [];
        foreach ($this->wall as $fixing) {
            if (! $unit->has($fixing->board->id)) {
                continue;
            }
            if ($fixing->in() === Hold::Stud) {
                array_push($says, ...array_map(fn (WallFastener $f): Text => Text::of('number.wall_screw', part: $f->board->name, x: $f->x, z: $f->z,
                    screw: $f->screw), $fixing->fasteners));
            } else {
                $what = Text::of(match ($fixing->in()) {
                    Hold::Unknown => 'wall_fixing.unknown',
                    Hold::Anchor => 'wall_fixing.anchor',
                    default => 'wall_fixing.plug',
                });
                $says[] = Text::of('number.wall_plugs', what: $what, part: $fixing->board->name, n: count($fixing->fasteners), screw: $fixing->screw(),
                    z: $fixing->fasteners[0]->z);
            }
        }

        return $says;
    }

    /** @return list<Unit> the lowest first */
    private function carcasses(UnitKind $kind): array
    {
        $own = array_values(array_filter($this->built->units, fn (Unit $u): bool => $u->kind === $kind));
        usort($own, fn (Unit $a, Unit $b): int => [$a->bottom()->units,
            $a->panels[0]->block->corner->x->units] <=> [$b->bottom()->units, $b->panels[0]->block->corner->x->units]);

        return $own;
    }
}
