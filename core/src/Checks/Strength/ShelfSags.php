<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\ShelfRest;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A shelf that sags more than L/300 when it is loaded, or more than L/200 in the end (fieldbook §7; the first may be set otherwise, the
 * second follows at one and a half times). Loads of things to store where they are known, else what the bay is for. A nosing counts as
 * it is glued. One finding a bay, for the worst of its shelves; the cure is the cheapest that does: ends held, else a nosing, else a
 * thicker board or a divider.
 */
final class ShelfSags implements Check
{
    /** In the end it may be so many times as much as at once. */
    private const IN_THE_END = 1.5;

    /** Nosings tried, mm. */
    private const NOSINGS = [30, 40, 50, 60, 80, 100, 120];

    public function of(PlacedPiece $built): array
    {
        $worst = [];
        foreach ($this->bendings($built) as [$panel, $bending, $cell]) {
            $over = self::over($bending, $built, $panel);
            if ($over > ($worst[$cell->bay->id][0] ?? 1.0)) {
                $worst[$cell->bay->id] = [$over, $panel, $bending, $cell];
            }
        }

        return array_values(array_map(fn (array $w): Finding => $this->finding($w[1], $w[2], $w[3], $built), $worst));
    }

    /** @return array<string, array{Panel, Bending, Cell}> how each shelf is loaded, by part */
    public function bendings(PlacedPiece $built): array
    {
        $all = [];
        foreach ($built->boards(Role::Shelf) as $panel) {
            $cell = $built->design->cells[$panel->bay ?? ''] ?? null;
            $bending = $cell !== null && in_array($cell->bay->fill->kind, [FillKind::Shelves, FillKind::Stored], true)
                ? $this->bending($panel, $cell, $built) : null;
            if ($cell !== null && $bending !== null) {
                $all[$panel->id] = [$panel, $bending, $cell];
            }
        }

        return $all;
    }

    private function bending(Panel $panel, Cell $cell, PlacedPiece $built): ?Bending
    {
        $material = $built->project->stock[$panel->material];
        $mm = fn (Length $l): float => $l->units / Length::PER_MM;
        [$length, $depth, $t] = [$mm($cell->x->value()), $mm($panel->width->value), $mm($material->thickness)];
        if ($length <= 0.0 || $panel->long !== Axis::X) {
            return null;
        }
        $own = $depth * $t * $material->density * 1e-9;
        $shelves = $built->inBay($cell->bay->id, Role::Shelf);
        $kg = Stowed::onEach($cell, $built, count($shelves) + 1, [$length, $depth]);

        $nosing = $mm($this->nosingOf($panel, $built));
        $own += $nosing * $t * $material->density * 1e-9;

        return new Bending($length, $depth, $t, $material->madeOf->along(), ($kg / $length + $own) * Bending::GRAVITY, $this->isHeld($panel, $built), $nosing);
    }

    /** As it is, which may be less than was wished. */
    private function nosingOf(Panel $shelf, PlacedPiece $built): Length
    {
        return ($built->panels["$shelf->id:nosing"] ?? null)?->block->size->z ?? Length::zero();
    }

    /** Screwed, dowelled or let in at both ends. */
    private function isHeld(Panel $panel, PlacedPiece $built): bool
    {
        $ends = 0;
        foreach ($built->design->joints as $joint) {
            $ends += $joint->first === $panel->id
                && in_array($joint->kind, [JointKind::Screws, JointKind::PocketScrews, JointKind::Dowels, JointKind::Dado], true) ? 1 : 0;
        }

        return $ends > 1;
    }

    /** How many times as far as it may. */
    public static function over(Bending $bending, PlacedPiece $built, Panel $panel): float
    {
        return $bending->sag() * max(1.0, $built->madeOf($panel)->creep() / self::IN_THE_END) * $built->project->limit(Limit::ShelfSags) / $bending->length;
    }

    /** The least nosing that makes it stiff enough; null where none does or it has one. */
    private function nosing(Bending $bending, PlacedPiece $built, Panel $panel): ?int
    {
        foreach ($bending->nosing > 0.0 ? [] : self::NOSINGS as $high) {
            if ($high > $bending->thickness && self::over($bending->nosed((float) $high), $built, $panel) <= 1.0) {
                return $high;
            }
        }

        return null;
    }

    private function finding(Panel $panel, Bending $bending, Cell $cell, PlacedPiece $built): Finding
    {
        $creep = $built->madeOf($panel)->creep();
        $over = self::over($bending, $built, $panel);
        $parts = $built->project->limit(Limit::ShelfSags);
        [$sag, $limit] = $creep > self::IN_THE_END
            ? [FindingFactory::up($bending->sag() * $creep), FindingFactory::down($bending->length * self::IN_THE_END / $parts)]
            : [FindingFactory::up($bending->sag()), FindingFactory::down($bending->length / $parts)];
        $held = $bending->heldAtItsEnds();
        $nosing = $this->nosing($bending, $built, $panel);
        $cure = match (true) {
            ! $bending->held && self::over($held, $built, $panel) <= 1.0 => 'hold',
            $nosing !== null => 'nose',
            default => 'remedy',
        };
        $args = ['thick' => FindingFactory::up($bending->thicknessFor($bending->sag() / $over)),
            'held' => FindingFactory::up($held->sag() * $creep), 'halved' => FindingFactory::up($bending->cut(2)->sag() * $creep),
            'nosing' => Length::fromMillimetres($nosing ?? 0)];

        return new Finding('strength.shelf_sags', Severity::Look, Place::inPiece($cell->bay->id),
            Text::of('strength.shelf_sags', part: $panel->name, sag: $sag,
                kg: (int) round($bending->load * $bending->length / Bending::GRAVITY), limit: $limit),
            Text::of("strength.shelf_sags.$cure", ...$args), Text::of('source.strength'), $sag, $limit, $this->fix($cure, $nosing, $cell, $built));
    }

    private function fix(string $cure, ?int $nosing, Cell $cell, PlacedPiece $built): ?Fix
    {
        return match ($cure) {
            'hold' => $built->cure(Text::of('strength.shelf_sags.fix'), $cell->bay->id, ['methods', 'shelves'], ShelfRest::Fixed->value),
            'nose' => $built->cure(Text::of('strength.shelf_sags.nose.fix', nosing: Length::fromMillimetres($nosing ?? 0)),
                $cell->bay->id, ['fill', 'nosing'], $nosing),
            default => null,
        };
    }
}
