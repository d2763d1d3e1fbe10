<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads;

use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Assembly\Wall\WallLoads;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\JointLine;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * What the screws and dowels at the end of a board bear down, N: half of what lies on it always, or all of what stands there for a short
 * time, whichever is more; a screw bears a third more then. What lies on something is borne by that.
 */
final class EndLoads
{
    private const HELD = [JointKind::Screws, JointKind::PocketScrews, JointKind::Dowels];

    /** Somebody leans on a desk; lower than 600 it is stood on (our own figures). */
    private const LEANS_N = 500.0;

    private const LOW_MM = 600;

    /** One person on a bed's rail (our own figure). */
    private const ON_BED_N = 2_000.0;

    private const SHORT = 4 / 3;

    /** What stands so near to the end of a board bears that. */
    private const NEAR_MM = 100;

    /** @var array<string, list<Joint>> on screws or dowels, by the board that ends there */
    private readonly array $held;

    /** @var array<string, float> by the two boards */
    private array $bears = [];

    private function __construct(private readonly PlacedPiece $built)
    {
        $held = [];
        foreach ($built->design->joints as $joint) {
            if (in_array($joint->kind, self::HELD, true)) {
                $held[$joint->first][] = $joint;
            }
        }
        $this->held = $held;
    }

    /** @return array<string, float> by the ids of the board and of what holds its end, a space between */
    public static function of(PlacedPiece $built): array
    {
        $self = new self($built);
        foreach ($built->boards(Role::Shelf) as $shelf) {
            $self->at([$shelf], $self->kept($shelf) / 2);
        }
        foreach ($built->design->joints as $joint) {
            $self->onCleat($joint);
        }
        foreach ($built->design->cells as $id => $cell) {
            if ($cell->bay->fill->kind === FillKind::Bed) {
                $self->bed((string) $id);
            }
        }

        return $self->bears;
    }

    /**
     * Boards that act together share it by how long their joints are.
     *
     * @param  list<Panel>  $boards
     */
    private function at(array $boards, float $newtons): void
    {
        $joints = $whole = [];
        foreach ($boards as $board) {
            foreach ($this->held[$board->id] ?? [] as $joint) {
                $holder = $this->built->panels[$joint->second] ?? null;
                $line = $holder !== null && $joint->axis !== Axis::Z ? JointLine::of($joint->axis, $board, $holder) : null;
                // Screwed to another along its whole length it has no end there.
                if ($line !== null && $line->length->times(2)->isLessThan($board->length->value) && ! $this->stands($board, $holder)) {
                    $joints[] = [$joint, $line->length->units];
                    $whole[$joint->second] = $line->length->units + ($whole[$joint->second] ?? 0);
                }
            }
        }
        foreach ($newtons > 0.0 ? $joints : [] as [$joint, $length]) {
            $this->bears["$joint->first $joint->second"] = $newtons * $length / $whole[$joint->second];
        }
    }

    /** Something else is under a board where one holds its end. */
    private function stands(Panel $board, Panel $holder): bool
    {
        $end = $holder->block->grownBy(Length::fromMillimetres(self::NEAR_MM));
        $isUnder = fn (Panel $p): bool => $p->id !== $holder->id && ! $p->role->moves() && $p->block->to(Axis::Z)->equals($board->block->from(Axis::Z))
            && $p->block->overlaps($end) && $p->block->along(Axis::Z, $board->block->from(Axis::Z), Length::ofUnits(1))->overlaps($board->block);

        return array_filter($this->built->fit->panels, $isUnder) !== [];
    }

    /** N on a shelf, its own weight included. */
    private function kept(Panel $shelf): float
    {
        $cell = $this->built->design->cells[$shelf->bay ?? ''] ?? null;
        if ($cell === null) {
            return 0.0;
        }
        $size = [self::mm($shelf->block->extent(Axis::X)), self::mm($shelf->block->extent(Axis::Y))];
        $kg = Stowed::onEach($cell, $this->built, count($this->built->inBay($cell->bay->id, Role::Shelf)) + 1, $size);

        return ($kg + $this->built->weight->of($shelf)) * Bending::GRAVITY;
    }

    private function onCleat(Joint $joint): void
    {
        [$board, $cleat] = [$this->built->panels[$joint->first] ?? null, $this->built->panels[$joint->second] ?? null];
        if ($board === null || $cleat?->role !== Role::Cleat || $joint->kind !== JointKind::Rests || $joint->axis !== Axis::Z) {
            return;
        }
        $up = $board->block->to(Axis::Z)->minus($this->built->box->floor);
        $leans = $up->isLessThan(Length::fromMillimetres(self::LOW_MM)) ? Bending::PERSON_N : self::LEANS_N;
        foreach ($this->held[$cleat->id] ?? [] as $held) {
            $this->bears["$held->first $held->second"] = $board->role === Role::Slab ? $leans / self::SHORT : $this->kept($board) / 2;
        }
    }

    /** Rail and ledger in front, over air: half the deck, or one person. */
    private function bed(string $bay): void
    {
        [$rail, $ledger, $slat] = [$this->built->panels["$bay:bed_rail"] ?? null, $this->built->panels["$bay:ledger_front"] ?? null,
            $this->built->panels["$bay:slat_1"] ?? null];
        if ($rail === null || $ledger === null || $slat === null || ($this->built->design->cells[$bay]->by->floor ?? null) !== null) {
            return;
        }
        $deck = self::mm($slat->block->extent($slat->inHouse($slat->long))) / 2 * self::mm($rail->length->value) / 2 * WallLoads::DECK_N_MM2;
        $this->at([$rail, $ledger], max($deck, self::ON_BED_N / self::SHORT));
    }

    private static function mm(Length $length): float
    {
        return $length->units / Length::PER_MM;
    }
}
