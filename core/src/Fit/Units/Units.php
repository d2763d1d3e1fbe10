<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Units;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\Fit;

/** Finds what goes together: panels of one kind that fixed joints hold to one another, and the parts of one drawer or door. */
final class Units
{
    private const HELD = [JointKind::PocketScrews, JointKind::Screws, JointKind::Dowels, JointKind::Dado, JointKind::Groove, JointKind::Raking];

    /** @var array<string, string> a panel nearer to the one its unit goes by */
    private array $above = [];

    /** @return list<Unit> in the order of the plan's panels */
    public static function of(Design $design, Fit $fit): array
    {
        return (new self)->find($design, $fit);
    }

    /** @return list<Unit> */
    private function find(Design $design, Fit $fit): array
    {
        $bySet = $panels = [];
        foreach ($fit->panels as $panel) {
            $panels[$panel->id] = $panel;
            $this->above[$panel->id] = $panel->id;
            if ($panel->set !== null) {
                $this->join($bySet[$panel->set] ??= $panel->id, $panel->id);
            }
        }
        foreach ($design->joints as $joint) {
            [$a, $b] = [$panels[$joint->first] ?? null, $panels[$joint->second] ?? null];
            $kind = $a === null ? null : UnitKind::of($a->role);
            if ($a !== null && $b !== null && $kind !== null && $kind === UnitKind::of($b->role) && self::holds($joint, $kind)) {
                $this->join($a->id, $b->id);
            }
        }
        $groups = [];
        foreach ($fit->panels as $panel) {
            $groups[$this->root($panel->id)][] = $panel;
        }

        return array_map(fn (array $panels): Unit => new Unit(self::kind($panels), $panels), array_values($groups));
    }

    private static function holds(Joint $joint, UnitKind $kind): bool
    {
        return in_array($joint->kind, self::HELD, true) || ($kind === UnitKind::Mover && $joint->kind === JointKind::Faced);
    }

    /** @param  non-empty-list<Panel>  $panels */
    private static function kind(array $panels): UnitKind
    {
        $kind = UnitKind::of($panels[0]->role) ?? UnitKind::Loose;
        $isAlone = count($panels) === 1
            && in_array($panels[0]->role, [Role::Shelf, Role::Cleat, Role::Standard, Role::Nailer, Role::ToeBoard, Role::PlinthRail, Role::Rung], true);

        return $isAlone ? UnitKind::Loose : $kind;
    }

    private function root(string $id): string
    {
        while ($this->above[$id] !== $id) {
            $id = $this->above[$id];
        }

        return $id;
    }

    private function join(string $a, string $b): void
    {
        $this->above[$this->root($b)] = $this->root($a);
    }
}
