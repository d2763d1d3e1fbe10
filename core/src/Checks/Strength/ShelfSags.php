<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Loads\Carriers;
use Incastro\Core\Assembly\Loads\Stretch;
use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\FillKind;
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
 * it is glued; a back that is screwed along a shelf takes half of it. One finding a bay, for the worst of its shelves; the cure is the
 * cheapest that does: a nosing, else a thicker board or a divider.
 */
final class ShelfSags implements HoldingCheck
{
    /** In the end it may be so many times as much as at once. */
    public const IN_THE_END = 1.5;

    private const FILLS = [FillKind::Shelves, FillKind::Stored, FillKind::Cubbies];

    /** What a back screwed along a shelf leaves for its ends: half (our own figure, on the safe side of a plate held on three edges). */
    private const BACKED = 0.5;

    /** Nosings tried, mm. */
    private const NOSINGS = [30, 40, 50, 60, 80, 100, 120];

    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $worst = [];
        foreach ($this->bendings($built, $assembly) as [$panel, $bending, $cell]) {
            $over = self::over($bending, $built, $panel);
            if ($over > ($worst[$cell->bay->id][0] ?? 1.0)) {
                $worst[$cell->bay->id] = [$over, $panel, $bending, $cell];
            }
        }

        return array_values(array_map(fn (array $w): Finding => $this->finding($w[1], $w[2], $w[3], $built), $worst));
    }

    /** @return array<string, array{Panel, Bending, Cell}> how each shelf is loaded, by part */
    public function bendings(PlacedPiece $built, Assembly $assembly): array
    {
        $carriers = $assembly->carriers($built->piece->id);
        $all = [];
        foreach ($built->boards(Role::Shelf) as $panel) {
            $cell = $built->design->cells[$panel->bay ?? ''] ?? null;
            $bending = $cell !== null && in_array($cell->bay->fill->kind, self::FILLS, true) ? $this->bending($panel, $cell, $built, $carriers) : null;
            if ($cell !== null && $bending !== null) {
                $all[$panel->id] = [$panel, $bending, $cell];
            }
        }

        return $all;
    }

    private function bending(Panel $panel, Cell $cell, PlacedPiece $built, Carriers $carriers): ?Bending
    {
        $material = $built->project->stock[$panel->material];
        $mm = fn (Length $l): float => $l->units / Length::PER_MM;
        [$length, $depth, $t] = [$this->span($panel, $carriers) ?? $mm($cell->x->value()), $mm($panel->width->value), $mm($material->thickness)];
        if ($length <= 0.0 || $panel->long !== Axis::X) {
            return null;
        }
        $own = $depth * $t * $material->density * 1e-9;
        $kg = Stowed::onEach($cell, $built, count($built->inBay($cell->bay->id, Role::Shelf)) + 1, [$length, $depth]);

        $nosing = $mm($this->nosingOf($panel, $built));
        $own += $nosing * $t * $material->density * 1e-9;

        $carried = $carriers->isBacked($panel) ? self::BACKED : 1.0;

        return new Bending($length, $depth, $t, $material->madeOf->along(), ($kg / $length + $own) * Bending::GRAVITY * $carried,
            $this->isLetIn($panel, $built), $nosing);
    }

    /** As it is, which may be less than was wished. */
    private function nosingOf(Panel $shelf, PlacedPiece $built): Length
    {
        return ($built->panels["$shelf->id:nosing"] ?? null)?->block->size->z ?? Length::zero();
    }

    /** Its longest stretch between two carriers; null where no two are known. */
    private function span(Panel $panel, Carriers $carriers): ?float
    {
        $between = array_filter($carriers->stretches($panel, $panel->inHouse($panel->long)) ?? [], fn (Stretch $s): bool => ! $s->overhangs);

        return $between === [] ? null : max(array_map(fn (Stretch $s): float => $s->length(), $between));
    }

    /** Glued into grooves at both ends. */
    private function isLetIn(Panel $panel, PlacedPiece $built): bool
    {
        $ends = array_filter($built->design->joints, fn (Joint $j): bool => $j->first === $panel->id && $j->kind === JointKind::Dado);

        return $built->piece->methods->glue && count($ends) > 1;
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
        $nosing = $this->nosing($bending, $built, $panel);
        $cure = $nosing !== null ? 'nose' : 'remedy';
        $args = ['thick' => FindingFactory::up($bending->thicknessFor($bending->sag() / $over)),
            'halved' => FindingFactory::up($bending->cut(2)->sag() * $creep),
            'nosing' => Length::fromMillimetres($nosing ?? 0)];

        return new Finding('strength.shelf_sags', Severity::Look, Place::inPiece($cell->bay->id),
            Text::of('strength.shelf_sags', part: $panel->name, sag: $sag,
                kg: (int) round($bending->load * $bending->length / Bending::GRAVITY), limit: $limit),
            Text::of("strength.shelf_sags.$cure", ...$args), Text::of('source.strength'), $sag, $limit, $this->fix($nosing, $cell, $built));
    }

    private function fix(?int $nosing, Cell $cell, PlacedPiece $built): ?Fix
    {
        return $nosing === null ? null : $built->cure(Text::of('strength.shelf_sags.nose.fix', nosing: Length::fromMillimetres($nosing)),
            $cell->bay->id, ['fill', 'nosing'], $nosing);
    }
}
