<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Assembly\Footing;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Fit\WallBoards;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * What hangs on the boards of a piece that are screwed to the wall. A box with nothing under it hangs with all that is in it on its upper
 * board: down its weight W, out T = W·a/v, a from the wall to its middle, v from those screws down to its foot. A bed's ledger carries half
 * the deck at 2.0 kN/m², and one person between its two nearest studs. For a short time a hand on what opens comes to it, and a child
 * where children live.
 */
final readonly class WallLoads
{
    /** People, mattress and what lies on it (fieldbook §7). */
    public const DECK_N_MM2 = 2.0e-3;

    /** On the free edge of an open door or drawer; a child that climbs, where children live (our own figures). */
    private const HAND_N = 150.0;

    private const CHILD_KG = 27.0;

    /** Lower than this a box stands, on whatever is there. */
    private const HUNG_MM = 300;

    /** @param  array<string, int>  $rooms  for how many screws, by board */
    public function __construct(private PlacedPiece $built, private Footing $footing, private array $rooms = [])
    {
    }

    /** @return array<string, WallLoad> by board */
    public function all(): array
    {
        $loads = [];
        foreach ($this->hung() as $unit) {
            $boards = array_values(array_filter(WallBoards::of($this->built->fit), fn (Panel $p): bool => $unit->has($p->id)));
            $top = $boards === [] ? null : Length::greatest(...array_map(fn (Panel $p): Length => $p->block->to(Axis::Z), $boards));
            $upper = array_values(array_filter($boards, fn (Panel $p): bool => $top !== null && $p->block->to(Axis::Z)->equals($top)));
            $rooms = array_map(fn (Panel $p): int => $this->rooms[$p->id] ?? 0, $upper);
            foreach ($upper as $i => $board) {
                // Boards in a row carry by the screws they have room for.
                $loads[$board->id] = $this->ofBox($unit, $board, array_sum($rooms) > 0 ? $rooms[$i] / array_sum($rooms) : 1 / count($upper));
            }
        }
        foreach ($this->built->design->cells as $bay => $cell) {
            $loads += $cell->bay->fill->kind === FillKind::Bed ? $this->ofBed((string) $bay) : [];
        }

        return $loads;
    }

    /** @return list<Unit> boxes with nothing under them but air */
    public function hung(): array
    {
        $standing = [];
        foreach ($this->footing->pairs as [, $upper]) {
            $standing[$this->footing->units[$upper->id]->id] = true;
        }
        $least = $this->built->box->floor->plus(Length::fromMillimetres(self::HUNG_MM));
        $floor = Length::least($least, $this->built->room->floorHighPoint()->plus(Length::fromMillimetres(self::HUNG_MM)));

        return array_values(array_filter($this->built->units, fn (Unit $u): bool => $u->kind === UnitKind::Carcass
            && ! isset($standing[$u->id]) && $u->bottom()->isGreaterThan($floor)));
    }

    private function ofBox(Unit $unit, Panel $board, float $share): WallLoad
    {
        $kg = $this->kg($unit) * $share;
        $block = $unit->block();
        $a = $block->middle(Axis::Y)->units / Length::PER_MM;
        $v = ($board->block->middle(Axis::Z)->units - $block->from(Axis::Z)->units) / Length::PER_MM;

        $at = fn (float $newtons, float $from): array => [$newtons, $newtons * max(0.0, $from) / max(1.0, $v)];
        // Before the wall as far as its front reaches with a door or a drawer open.
        $front = $block->to(Axis::Y)->units / Length::PER_MM + $this->opens($unit);
        $short = [...($this->opens($unit) > 0.0 ? [$at(self::HAND_N * $share, $front)] : []),
            ...($this->built->project->house->children ? [$at(self::CHILD_KG * Bending::GRAVITY * $share, $front)] : [])];

        return new WallLoad($unit->name($this->built->piece), $kg, ...$at($kg * Bending::GRAVITY, $a), short: $short);
    }

    /** @return array<string, Cell> the bays of a box */
    private function cells(Unit $unit): array
    {
        $block = $unit->block()->grownBy(Length::fromMillimetres(1));

        return array_filter($this->built->design->cells, fn (Cell $c): bool => $block->overlaps($c->block()) && $block->holds($c->block()->corner));
    }

    /** How far what opens stands out before a box, mm: a leaf as wide as it is, a flap as high, a drawer as long. */
    private function opens(Unit $unit): float
    {
        $out = array_map(fn (Cell $c): Length => match ($c->bay->door?->kind) {
            DoorKind::Hinged => Length::ofUnits(intdiv($c->x->value()->units, max(1, $c->bay->door->is->count('leaves')))),
            DoorKind::Picture => $c->x->value(),
            DoorKind::Lift, DoorKind::Drop => $c->z->value(),
            DoorKind::Sliding, DoorKind::LiftOff => Length::zero(),
            null => $c->bay->fill->kind === FillKind::Drawers ? $c->y->value() : Length::zero(),
        }, $this->cells($unit));

        return Length::greatest(Length::zero(), ...array_values($out))->units / Length::PER_MM;
    }

    /** A box with its doors and drawers, what is kept in it, and what stands on it. */
    private function kg(Unit $unit): float
    {
        $cells = $this->cells($unit);
        $moving = array_filter($this->built->fit->panels, fn (Panel $p): bool => ! $unit->has($p->id) && isset($cells[$p->bay ?? '']));
        $on = 0.0;
        foreach ($this->footing->pairs as [$lower, $upper]) {
            $other = $this->footing->units[$upper->id];
            $on += $unit->has($lower->id) && $other->panels[0]->id === $upper->id ? $this->built->weight->of(...$other->panels) : 0.0;
        }

        return $this->built->weight->of(...$this->built->carried->panels($unit), ...array_values($moving)) + Stowed::in($this->built, $cells) + $on;
    }

    /** @return array<string, WallLoad> */
    private function ofBed(string $bay): array
    {
        [$ledger, $slat] = [$this->built->panels["$bay:ledger_rear"] ?? null, $this->built->panels["$bay:slat_1"] ?? null];
        $stands = $ledger !== null && array_filter($this->footing->pairs, fn (array $p): bool => $p[1]->id === $ledger->id) !== [];
        if ($ledger === null || $slat === null || $ledger->turned || $stands) {
            return [];
        }
        $deck = $slat->block->extent($slat->inHouse($slat->long))->units / Length::PER_MM;
        $newtons = $ledger->length->value->units / Length::PER_MM * $deck / 2 * self::DECK_N_MM2;

        return [$ledger->id => new WallLoad($ledger->name, $newtons / Bending::GRAVITY, $newtons, place: Bending::PERSON_N)];
    }
}
