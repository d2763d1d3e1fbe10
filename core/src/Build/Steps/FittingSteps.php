<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What comes once the carcasses do not move any more: tops, strips along the walls, slats, what opens, and last what lies loose. */
final class FittingSteps
{
    /** A finish is dry in hours and hard in days: loads wait so long (fieldbook §10). */
    public const CURED_H = 168.0;

    public function __construct(private readonly PlacedPiece $built, private readonly Draft $draft,
        private readonly AssemblySteps $shop, private readonly SiteSteps $site)
    {
    }

    public function add(): void
    {
        $frames = $others = [];
        foreach ($this->built->units as $unit) {
            $kind = $this->kindOf($unit);
            if ($kind === StepKind::SiteFrame) {
                $frames[($unit->panels[0]->bay ?? '').' '.self::depth($unit->role())][] = $unit;
            } elseif (in_array($kind, [StepKind::Top, StepKind::Filler, StepKind::Trim], true)) {
                $others[] = [$unit, $kind];
            }
        }
        foreach ($frames as $alike) {
            $this->alone($alike, StepKind::SiteFrame);
        }
        foreach ($frames as $alike) {
            $this->inBay($alike[0]);
        }
        foreach ($others as [$unit, $kind]) {
            $this->alone([$unit], $kind);
        }
        foreach ([StepKind::Slats, StepKind::Lids, StepKind::Drawers, StepKind::Doors, StepKind::Shelves] as $kind) {
            $this->together($kind);
        }
        (new ScribeSteps($this->built, $this->draft, $this->shop, $this->site))->add();
    }

    /** In which step a unit that is not a carcass or a base goes to its place; null for those. */
    private function kindOf(Unit $unit): ?StepKind
    {
        $role = $unit->role();

        return match (true) {
            isset($this->site->stood[$unit->id]), isset($this->draft->placed[$unit->id]) && $role === Role::Back => null,
            $unit->kind === UnitKind::Mover => match (true) {
                $role === Role::Lid => StepKind::Lids,
                in_array($role, [Role::Door, Role::DoorPart, Role::Glass], true) => StepKind::Doors,
                default => StepKind::Drawers,
            },
            $unit->kind === UnitKind::Frame => StepKind::Filler,
            $role === Role::Slab => StepKind::Top,
            in_array($role, [Role::Filler, Role::CornerFiller], true) => StepKind::Filler,
            in_array($role, [Role::Trim, Role::Crown, Role::Lip, Role::ToeBoard], true) => StepKind::Trim,
            $role === Role::Slat => StepKind::Slats,
            $role === Role::Shelf => StepKind::Shelves,
            default => StepKind::SiteFrame,
        };
    }

    /** @param  non-empty-list<Unit>  $units  alike */
    private function alone(array $units, StepKind $kind): void
    {
        $unit = $units[0];
        $parts = array_merge(...array_map(fn (Unit $u): array => $u->ids(), $units));
        $title = match (true) {
            count($units) > 1 => Text::of('step.site_frames', part: $unit->panels[0]->name, n: count($units) - 1),
            $unit->kind === UnitKind::Frame => Text::of('step.face_frame', piece: $unit->name($this->built->piece), part: $unit->panels[0]->name),
            $unit->kind === UnitKind::Ladder => Text::of('step.site_ladder', part: $unit->panels[0]->name, piece: $this->built->piece->name),
            default => Text::of("step.$kind->value", part: $unit->panels[0]->name),
        };
        $step = $this->draft->add(new Step("$kind->value:$unit->id", $kind, $this->built->piece->id, $title, $parts,
            places: array_values(array_filter($parts, fn (string $p): bool => ! isset($this->draft->placed[$p]))),
            numbers: [...array_merge(...array_map(fn (Unit $u): array => $this->numbers($u, $kind), $units)),
                ...$this->fasteners("$kind->value:$unit->id", $parts), ...$this->fitted("$kind->value:$unit->id", $parts),
                ...$this->glued($units)],
            checks: [Text::of($kind === StepKind::SiteFrame || $kind === StepKind::Top ? 'check.level' : 'check.tight')],
            amount: count($parts), hands: $this->shop->hands($unit)));
        foreach ($parts as $part) {
            $this->draft->goes[$part] = $this->draft->stands[$part] = $step;
        }
        $this->draft->after($step, $parts, 'bench');
        $this->draft->graph->need($step, $this->shop->done[$unit->id] ?? null, 'assembled');
        $this->site->needRoom($step);
        $this->site->needFixed($step, $parts);
    }

    /** What is built up in a bay goes from its frame outward: studs, ledgers, rails, boards. */
    private function inBay(Unit $unit): void
    {
        $step = $this->draft->goes[$unit->id];
        foreach ($this->built->units as $other) {
            $isBefore = $other->panels[0]->bay !== null && $other->panels[0]->bay === $unit->panels[0]->bay
                && $this->kindOf($other) === StepKind::SiteFrame && self::depth($other->role()) < self::depth($unit->role());
            if ($isBefore) {
                $this->draft->graph->need($step, $this->draft->goes[$other->id] ?? null, 'carries');
            }
        }
    }

    private static function depth(Role $role): int
    {
        return match ($role) {
            Role::Stud => 0,
            Role::Ledger => 1,
            Role::BedRail, Role::Nailer, Role::Cleat => 2,
            Role::Board, Role::Back => 3,
            default => 4,
        };
    }

    /** @return list<Text> */
    private function numbers(Unit $unit, StepKind $kind): array
    {
        $panel = $unit->panels[0];
        $at = Text::of('number.at_height', z: $panel->block->from(Axis::Z), x: $panel->block->from(Axis::X));
        $order = $this->built->fit->orders[$panel->id] ?? [];

        return match ($kind) {
            StepKind::SiteFrame => [Text::of('number.of_part', part: $panel->name, what: $at), ...$this->site->wallScrews($unit)],
            StepKind::Top => [$at, ...$order],
            default => [],
        };
    }

    /**
     * @param  list<string>  $parts  that go to their place in a step
     * @return list<Text> what holds them to what is there by then
     */
    private function fasteners(string $step, array $parts): array
    {
        $is = array_fill_keys($parts, true);
        $there = fn (?string $part): bool => isset($is[$part ?? '']) || isset($this->draft->placed[$part ?? '']);

        return Numbers::fasteners($this->built, $this->draft->drive($this->built, $step,
            fn (Fastener $f): bool => (isset($is[$f->from]) || isset($is[$f->into ?? ''])) && $there($f->from) && $there($f->into)));
    }

    /**
     * @param  list<Unit>  $units
     * @return list<Text> what nothing else holds
     */
    private function glued(array $units): array
    {
        $glued = array_values(array_filter($units, fn (Unit $u): bool => in_array($u, $this->site->glued(), true)));

        return array_map(fn (Unit $u): Text => Text::of('number.glued', part: $u->panels[0]->name), $glued);
    }

    /**
     * @param  list<string>  $parts
     * @return list<Text> what is bought and fixed to them or for them
     */
    private function fitted(string $step, array $parts): array
    {
        return FittingNumbers::of($this->built, $this->draft->fit($this->built, $step, $parts));
    }

    /** What is alike goes in in one step a piece. */
    private function together(StepKind $kind): void
    {
        $units = array_values(array_filter($this->built->units, fn (Unit $u): bool => $this->kindOf($u) === $kind));
        if ($units === []) {
            return;
        }
        $parts = array_merge(...array_map(fn (Unit $u): array => $u->ids(), $units));
        $step = $this->draft->add(new Step("$kind->value:{$this->built->piece->id}", $kind, $this->built->piece->id,
            Text::of("step.$kind->value", piece: $this->built->piece->name, n: count($units)), $parts,
            places: array_values(array_filter($parts, fn (string $p): bool => ! isset($this->draft->placed[$p]))),
            numbers: [...$this->settings($kind), ...$this->fasteners("$kind->value:{$this->built->piece->id}", $parts),
                ...$this->fitted("$kind->value:{$this->built->piece->id}", $parts)],
            checks: [Text::of("check.$kind->value")], amount: count($units)));
        $this->draft->after($step, array_values(array_filter($parts, fn (string $p): bool => ($this->draft->placed[$p] ?? $step) === $step)), 'bench');
        foreach ($units as $unit) {
            $this->draft->graph->need($step, $this->shop->done[$unit->id] ?? null, 'assembled', $this->shop->strongAfter());
        }
        $this->site->needFixed($step, $parts);
        $this->draft->stands += array_fill_keys($parts, $step);
        foreach ($this->built->units as $other) {
            $carrier = $this->kindOf($other);
            $isBefore = $carrier === StepKind::SiteFrame
                || (in_array($carrier, [StepKind::Top, StepKind::Filler, StepKind::Trim], true) && $kind !== StepKind::Slats);
            if ($isBefore) {
                $this->draft->graph->need($step, $this->draft->goes[$other->id] ?? null, $carrier === StepKind::SiteFrame ? 'carries' : 'reach');
            }
        }
        if ($kind === StepKind::Shelves) {
            array_map(fn (StepKind $k): bool => $this->draft->graph->need($step, "$k->value:{$this->built->piece->id}", 'reach'),
                [StepKind::Slats, StepKind::Lids, StepKind::Drawers, StepKind::Doors]);
        }
    }

    /** @return list<Text> */
    private function settings(StepKind $kind): array
    {
        $design = $this->built->design;
        $count = fn (string $key): int => array_sum(array_map(fn (Hardware $h): int => $h->name->key === $key ? $h->count : 0, $design->hardware));

        return match ($kind) {
            StepKind::Doors => [Text::of('number.hinges', n: $count('hardware.hinge'), leaves: count($design->hung))],
            StepKind::Drawers => array_values(array_map(fn (Hardware $h): Text => Text::of('number.slides', n: $h->count, length: $h->length ?? Length::zero()),
                array_filter($design->hardware,
                    fn (Hardware $h): bool => in_array($h->name->key, ['hardware.slide_pair', 'hardware.heavy_slide_pair'], true) && $h->length !== null))),
            StepKind::Shelves => Numbers::spacers($this->built, array_map(strval(...), array_keys($design->spacings))),
            default => [],
        };
    }
}
