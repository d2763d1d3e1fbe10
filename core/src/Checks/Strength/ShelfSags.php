<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Checks\Built;
use Incastro\Core\Checks\Check;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\FillKind;
use Incastro\Core\Document\Material;
use Incastro\Core\Document\ShelfRest;
use Incastro\Core\Document\StoredThing;
use Incastro\Core\Document\Whereabouts;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/**
 * A shelf that sags more than L/300 when it is loaded, or more than L/200 in the end (fieldbook §7). Loads of things to store
 * where they are known, else what the bay is for. One finding a bay, for the worst of its shelves; the cure is the cheapest that does:
 * ends held, else a thicker board or a divider.
 */
final class ShelfSags implements Check
{
    /** kg on a metre of 300 deep (fieldbook §7), by what stands there. */
    private const LOADS = ['linen' => 15.0, 'toys' => 10.0, 'books' => 37.0, 'plates' => 50.0, 'cans' => 60.0, 'records' => 60.0];

    private const AT_ONCE = 300;

    private const IN_THE_END = 200;

    public function of(Built $built): array
    {
        $worst = [];
        foreach ($built->fit->panels as $panel) {
            $cell = $built->design->cells[$panel->bay ?? ''] ?? null;
            if ($panel->role !== Role::Shelf || $cell === null || ! in_array($cell->bay->fill->kind, [FillKind::Shelves, FillKind::Stored], true)) {
                continue;
            }
            $bending = $this->bending($panel, $cell, $built);
            if ($bending !== null && $this->over($bending, $built->project->stock[$panel->material]) > ($worst[$cell->bay->id][0] ?? 1.0)) {
                $worst[$cell->bay->id] = [$this->over($bending, $built->project->stock[$panel->material]), $panel, $bending, $cell];
            }
        }

        return array_values(array_map(fn (array $w): Finding => $this->finding($w[1], $w[2], $w[3], $built), $worst));
    }

    private function bending(Panel $panel, Cell $cell, Built $built): ?Bending
    {
        $material = $built->project->stock[$panel->material];
        $mm = fn (Length $l): float => $l->units / Length::PER_MM;
        [$length, $depth, $t] = [$mm($cell->x->value()), $mm($panel->width->value), $mm($material->thickness)];
        if ($length <= 0.0 || $panel->long !== Axis::X) {
            return null;
        }
        $own = $depth * $t * $material->density * 1e-9;
        $kg = $this->stored($cell, $built) ?? self::LOADS[$cell->bay->fill->is->choice('load')] * $length / 1000 * $depth / 300;

        return new Bending($length, $depth, $t, $material->madeOf->along(), ($kg / $length + $own) * Bending::GRAVITY, $this->isHeld($panel, $built));
    }

    /** kg on one shelf of what is to be stored in the bay, shared by its shelves and its floor; null when nothing with a weight is. */
    private function stored(Cell $cell, Built $built): ?float
    {
        $things = array_filter($built->project->stored, fn (StoredThing $t): bool => $t->bay === $cell->bay->id && $t->kg > 0);
        $shelves = array_filter($built->fit->panels, fn (Panel $p): bool => $p->role === Role::Shelf && $p->bay === $cell->bay->id);

        return $things === [] ? null : array_sum(array_map(fn (StoredThing $t): float => $t->kg * $t->count, $things)) / (count($shelves) + 1);
    }

    /** Screwed, dowelled or let in at both ends. */
    private function isHeld(Panel $panel, Built $built): bool
    {
        $ends = 0;
        foreach ($built->design->joints as $joint) {
            $ends += $joint->first === $panel->id && in_array($joint->kind, [JointKind::Screws, JointKind::PocketScrews, JointKind::Dowels, JointKind::Dado], true) ? 1 : 0;
        }

        return $ends > 1;
    }

    /** How many times as far as it may. */
    private function over(Bending $bending, Material $material): float
    {
        return max($bending->sag() * self::AT_ONCE, $bending->sag() * $material->madeOf->creep() * self::IN_THE_END) / $bending->length;
    }

    private function finding(Panel $panel, Bending $bending, Cell $cell, Built $built): Finding
    {
        $material = $built->project->stock[$panel->material];
        $creep = $material->madeOf->creep();
        $over = $this->over($bending, $material);
        $length = fn (float $mm, Rounding $way): Length => Length::ofUnits($way->apply($mm * 10) * intdiv(Length::PER_MM, 10));
        [$sag, $limit] = [$length($bending->sag() * $creep, Rounding::Up), $length($bending->length / self::IN_THE_END, Rounding::Down)];
        if (! $sag->isGreaterThan($limit)) {
            [$sag, $limit] = [$length($bending->sag(), Rounding::Up), $length($bending->length / self::AT_ONCE, Rounding::Down)];
        }
        $held = $bending->heldAtItsEnds();
        $heldDoes = ! $bending->held && $this->over($held, $material) <= 1.0;
        $args = ['thick' => $length($bending->thicknessFor($bending->sag() / $over), Rounding::Up), 'held' => $length($held->sag() * $creep, Rounding::Up), 'halved' => $length($bending->cut(2)->sag() * $creep, Rounding::Up)];
        $path = $heldDoes ? Whereabouts::ofBay($built->piece, $cell->bay->id) : null;

        return new Finding('strength.shelf_sags', Severity::Look, new Place('piece', $cell->bay->id),
            Text::of('strength.shelf_sags', part: $panel->name, sag: $sag, kg: (int) round($bending->load * $bending->length / Bending::GRAVITY), limit: $limit),
            Text::of($heldDoes ? 'strength.shelf_sags.hold' : 'strength.shelf_sags.remedy', ...$args), Text::of('source.strength'), $sag, $limit,
            $path === null ? null : Fix::set(Text::of('strength.shelf_sags.fix'), [...$path, 'methods', 'shelves'], ShelfRest::Fixed->value));
    }
}
