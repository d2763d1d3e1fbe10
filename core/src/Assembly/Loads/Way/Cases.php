<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Fittings\Fitting;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;

/**
 * What comes to the bodies of a project: always their own weight, what moves on them and what is stored; and, one at a time on top of that,
 * one person on what is sat or stood on, somebody who leans on a top, a push against a guard (our own figures).
 */
final readonly class Cases
{
    private const LEANS_N = 500.0;

    private const PUSHES_N = 500.0;

    /** Lower over the floor a top is stood on. */
    private const LOW_MM = 600;

    /** @param  array<string, mixed>  $held  bodies with a way to the house, by id */
    public function __construct(private Assembly $assembly, private array $held)
    {
    }

    /** @return list<Load> */
    public function always(): array
    {
        $loads = [];
        foreach ($this->assembly->pieces as $built) {
            foreach ($built->fit->panels as $panel) {
                $on = isset($this->held[$panel->id]) ? $panel->id : $this->carrier($panel, $built);
                $loads = $on === null ? $loads : [...$loads, new Load($on, $panel->solid->middle(), self::down($built->weight->of($panel)))];
            }
            foreach ($built->design->cells as $id => $cell) {
                array_push($loads, ...$this->stored((string) $id, $cell, $built));
            }
        }

        return $loads;
    }

    /** @return array<string, list<Load>> each by what it is, alone */
    public function each(): array
    {
        $cases = [];
        foreach ($this->assembly->pieces as $built) {
            foreach ($built->fit->panels as $panel) {
                $at = fn (float $out, float $up): Load => new Load($panel->id, self::worst($panel->block), [0.0, $out, $up]);
                $cases += ! isset($this->held[$panel->id]) ? [] : match (true) {
                    preg_match('/:(tread|rung_\d+)$/', $panel->id) === 1 => ["steps $panel->id" => [$at(0.0, -Bending::PERSON_N)]],
                    $panel->role === Role::Slab => ["leans $panel->id" => [$at(0.0, -$this->onTop($panel, $built))]],
                    $panel->role === Role::Slat => ["lies $panel->id" => [$at(0.0, -Bending::PERSON_N)]],
                    preg_match('/:guard_1$/', $panel->id) === 1 => ["pushes $panel->id" => [$at(self::PUSHES_N, 0.0)]],
                    default => [],
                };
            }
        }

        return $cases;
    }

    private function onTop(Panel $panel, PlacedPiece $built): float
    {
        $isLow = $panel->block->to(Axis::Z)->minus($built->box->floor)->isLessThan(Length::fromMillimetres(self::LOW_MM));

        return $isLow ? Bending::PERSON_N : self::LEANS_N;
    }

    /** What moves hangs on its hinge or its slides, else it rolls on the floor or lies on what is under it; null where that is the floor. */
    private function carrier(Panel $panel, PlacedPiece $built): ?string
    {
        foreach ($this->assembly->fastened($built->piece->id)->of(FastenerKind::Hinge) as $hinge) {
            if ($hinge->from === $panel->id && isset($this->held[$hinge->into ?? ''])) {
                return $hinge->into;
            }
        }
        $slides = array_values(array_filter($this->assembly->fittings($built->piece->id), fn (Fitting $f): bool => isset($this->held[$f->on])
            && ($built->panels[$f->serves] ?? null)?->bay === $panel->bay && $panel->bay !== null));

        return $slides === [] ? null : $slides[0]->on;
    }

    /** @return list<Load> on the floor of its bay, or on a shelf where that is no board */
    private function stored(string $bay, Cell $cell, PlacedPiece $built): array
    {
        $kg = Stowed::in($built, [$bay => $cell]);
        $on = array_values(array_filter([$built->panels[$cell->by->floor ?? ''] ?? null, ...$built->inBay($bay, Role::Shelf)],
            fn (?Panel $p): bool => $p !== null && isset($this->held[$p->id])));

        return $kg <= 0.0 || $on === [] ? [] : [new Load($on[0]->id, $on[0]->solid->middle(), self::down($kg))];
    }

    /** @return array{float, float, float} */
    private static function down(float $kg): array
    {
        return [0.0, 0.0, -$kg * Bending::GRAVITY];
    }

    /** @return array{float, float, float} at a quarter of its length, at its front edge, on its upper face */
    private static function worst(Block $block): array
    {
        return [Way::mm($block->from(Axis::X)) + Way::mm($block->extent(Axis::X)) / 4, Way::mm($block->to(Axis::Y)), Way::mm($block->to(Axis::Z))];
    }
}
