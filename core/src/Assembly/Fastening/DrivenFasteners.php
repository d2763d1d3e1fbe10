<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Assembly\Contact;
use Incastro\Core\Assembly\Screws;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\JointLine;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/**
 * Screws that no hole is drilled for at the bench: of backs, of fronts from inside their box, of what lies on cleats and rails, of a raking
 * top, and those that hold boxes to what they stand on and beside. Each lies in what its two boards share.
 */
final readonly class DrivenFasteners
{
    /** What a back is screwed to. */
    private const BEHIND = [Role::Side, Role::Top, Role::TopRail, Role::Bottom, Role::Between, Role::Divider, Role::Shelf];

    /** Slats are screwed down to these. */
    private const CARRIES_SLATS = [Role::Cleat, Role::Ledger, Role::BedRail];

    /** A box is screwed down to these. */
    private const CARRIES_BOXES = [Role::PlinthRail, Role::Rung, Role::Slab, Role::Top, Role::TopRail];

    /** Less bite than this, and the head goes into a wider hole first. */
    public const BITE_MM = 12;

    /** Layers of a top and a face on its frame: one screw in so much (our own figure). */
    private const LAYERS_MM = 300;

    /** @var array<string, list<Contact>> by the two bodies */
    private array $between;

    /** @var array<string, Unit> by part */
    private array $units;

    /**
     * @param  list<Contact>  $contacts
     */
    public function __construct(private PlacedPiece $built, array $contacts, private Screws $sold)
    {
        $this->units = array_merge(...array_map(fn (Unit $u): array => array_fill_keys($u->ids(), $u), $built->units), ...[[]]);
        $between = [];
        foreach ($contacts as $contact) {
            if (! $contact->isLetIn && isset($built->panels[$contact->first], $built->panels[$contact->second])) {
                $between["$contact->first $contact->second"][] = $between["$contact->second $contact->first"][] = $contact;
            }
        }
        $this->between = $between;
    }

    /** @return list<Fastener> */
    public function of(): array
    {
        return [...$this->backs(), ...$this->joined(), ...$this->slats(), ...$this->layers(), ...$this->stacked(), ...$this->beside()];
    }

    /** @return list<Fastener> a back, into each board it lies on but those that move up and down */
    private function backs(): array
    {
        $loose = array_fill_keys(array_map(fn (array $j): string => $j[2]->id, $this->built->joints(JointKind::Pins, JointKind::Clears)), true);
        $found = [];
        foreach ($this->built->boards(Role::Back) as $back) {
            foreach ($this->built->boards(...self::BEHIND) as $board) {
                foreach (isset($loose[$board->id]) ? [] : $this->between["$back->id $board->id"] ?? [] as $contact) {
                    $beyond = $board->block->extent($contact->axis());
                    $isDeep = ! $this->sold->through($back->thickness(), $beyond)->isGreaterThan(Screws::mostIn($back->thickness()->plus($beyond)));
                    if ($isDeep && $contact->axis() === $back->inHouse($back->thin)) {
                        array_push($found, ...$this->along(FastenerKind::BackScrew, $contact, $back, $board));
                    }
                }
            }
        }

        return $found;
    }

    /** @return list<Fastener> of joints that say that one lies on the other, or face to face */
    private function joined(): array
    {
        $found = [];
        foreach ($this->built->design->joints as $joint) {
            // Only boards that are made have contacts.
            foreach ($this->between["$joint->first $joint->second"] ?? [] as $contact) {
                array_push($found, ...$this->ofJoint($joint->kind, $contact, $this->built->panels[$joint->first], $this->built->panels[$joint->second]));
            }
        }

        return $found;
    }

    /** @return list<Fastener> */
    private function ofJoint(JointKind $kind, Contact $contact, Panel $first, Panel $second): array
    {
        return match (true) {
            $kind === JointKind::Raking && $first->role === Role::Board => RibFasteners::of($this->built, $this->sold, $contact, $first->id),
            $kind === JointKind::Raking => $this->along(FastenerKind::Screw, $contact, $first, $second),
            $kind === JointKind::Faced && $first->role === Role::BoxPart => $this->along(FastenerKind::BackScrew, $contact, $first, $second),
            $kind === JointKind::Faced && $first->role === Role::Standard => $this->along(FastenerKind::Screw, $contact, $first, $second),
            $kind === JointKind::Faced && $first->role === Role::Front => $this->spread($contact, $second, $first),
            $kind === JointKind::Faced && $second->role === Role::Stud && $first->role === Role::Board => $this->wide($contact, $first, $second),
            $kind !== JointKind::Rests || $contact->axis() !== Axis::Z => [],
            $first->role === Role::Board => $this->along(FastenerKind::Screw, $contact, $first, $second),
            $first->role === Role::Slab && $second->role === Role::Cleat => $this->along(FastenerKind::Screw, $contact, $second, $first),
            default => [],
        };
    }

    /** @return list<Fastener> each slat down into what it lies on */
    private function slats(): array
    {
        $found = [];
        foreach ($this->built->boards(Role::Slat) as $slat) {
            foreach ($this->built->boards(...self::CARRIES_SLATS) as $under) {
                foreach ($this->between["$slat->id $under->id"] ?? [] as $contact) {
                    array_push($found, ...($contact->axis() === Axis::Z && ! $contact->runsUpFrom($slat->id) ? $this->once($contact, $slat, $under) : []));
                }
            }
        }

        return $found;
    }

    /** @return list<Fastener> the layers of a top, from below */
    private function layers(): array
    {
        $found = [];
        $slabs = $this->built->boards(Role::Slab);
        foreach ($slabs as $lower) {
            foreach ($slabs as $upper) {
                foreach ($this->between["$lower->id $upper->id"] ?? [] as $contact) {
                    if ($contact->axis() === Axis::Z && $contact->runsUpFrom($lower->id)) {
                        $places = Corners::rows(Axis::Z, $contact->block(), Length::fromMillimetres(self::LAYERS_MM));
                        array_push($found, ...array_map(fn (Place3 $p): Fastener => $this->screw($lower, $upper, new Drill($p, Axis::Z, true)), $places));
                    }
                }
            }
        }

        return $found;
    }

    /** @return list<Fastener> boxes down into what they stand on, from inside through their bottom */
    private function stacked(): array
    {
        $areas = $found = [];
        $lower = $this->built->boards(...self::CARRIES_BOXES);
        foreach ($this->built->boards(Role::Bottom) as $on) {
            foreach ($lower as $under) {
                foreach ($this->units[$on->id] === $this->units[$under->id] ? [] : $this->between["$on->id $under->id"] ?? [] as $contact) {
                    if ($contact->axis() === Axis::Z && ! $contact->runsUpFrom($on->id)) {
                        $areas[$on->id][$this->units[$under->id]->id][] = [$under, $contact];
                    }
                }
            }
        }
        foreach ($areas as $on => $units) {
            foreach ($units as $all) {
                $under = $all[0][0];
                foreach (Corners::of(Axis::Z, array_map(fn (array $a): Block => $a[1]->block(), $all)) as $place) {
                    $into = $this->at($place, $all) ?? $under;
                    $found[] = $this->screw($this->built->panels[$on], $into, new Drill($place, Axis::Z, false));
                }
            }
        }

        return $found;
    }

    /** @return list<Fastener> a box into the one beside it, side to side */
    private function beside(): array
    {
        $carcasses = array_values(array_filter($this->built->units, fn (Unit $u): bool => $u->kind === UnitKind::Carcass));
        $found = [];
        foreach ($carcasses as $n => $unit) {
            foreach (array_slice($carcasses, $n + 1) as $other) {
                foreach ($this->shared($unit, $other) as [$from, $into, $contact]) {
                    array_push($found, ...$this->spread($contact, $from, $into));
                }
            }
        }

        return $found;
    }

    /** @return list<array{Panel, Panel, Contact}> where the uprights of two boxes stand face to face */
    private function shared(Unit $unit, Unit $other): array
    {
        $found = [];
        foreach ($unit->panels as $from) {
            foreach ($other->panels as $into) {
                foreach ($from->role === Role::Side && $into->role === Role::Side ? $this->between["$from->id $into->id"] ?? [] : [] as $contact) {
                    array_push($found, ...($contact->axis() === Axis::X ? [[$from, $into, $contact]] : []));
                }
            }
        }

        return $found;
    }

    /** @return list<Fastener> one every 150 mm along what the two share */
    private function along(FastenerKind $kind, Contact $contact, Panel $from, Panel $into): array
    {
        $line = JointLine::over($contact->axis(), $contact->block());

        return array_map(fn (Length $p): Fastener => $this->screw($from, $into,
            new Drill(self::on($line, $p), $line->axis, $contact->runsUpFrom($from->id)), $kind), $line->spread());
    }

    /** @return list<Fastener> a face on its frame: one every 300 mm */
    private function wide(Contact $contact, Panel $from, Panel $into): array
    {
        $line = JointLine::over($contact->axis(), $contact->block());

        return array_map(fn (Length $p): Fastener => $this->screw($from, $into,
            new Drill(self::on($line, $p), $line->axis, $contact->runsUpFrom($from->id))), $line->every(Length::fromMillimetres(self::LAYERS_MM)));
    }

    /** @return list<Fastener> one near each corner of it */
    private function spread(Contact $contact, Panel $from, Panel $into): array
    {
        return array_map(fn (Place3 $p): Fastener => $this->screw($from, $into,
            new Drill($p, $contact->axis(), $contact->runsUpFrom($from->id))), Corners::of($contact->axis(), [$contact->block()]));
    }

    /** @return list<Fastener> one, in the middle */
    private function once(Contact $contact, Panel $from, Panel $into): array
    {
        $area = $contact->block();
        $middle = new Place3($area->middle(Axis::X), $area->middle(Axis::Y), $area->middle(Axis::Z));

        return [$this->screw($from, $into, new Drill($middle, $contact->axis(), $contact->runsUpFrom($from->id)))];
    }

    /** @param  Drill  $meets  where the two meet: the head is on the far side of the first */
    private function screw(Panel $from, Panel $into, Drill $meets, FastenerKind $kind = FastenerKind::Screw): Fastener
    {
        // What slopes is screwed square to its face, whatever room it takes.
        $stock = $this->built->project->stock[$from->material]->thickness ?? $from->thickness();
        $thick = match (true) {
            $from->role === Role::RakingTop, $from->thickness()->isGreaterThan($stock) => $stock,
            self::isFlatOn($from, $meets->into) => $from->thickness(),
            default => $from->block->extent($meets->into),
        };
        $beyond = $into->block->extent($meets->into);
        $length = $this->sold->through($thick, $beyond);
        $bite = $length->minus($thick);
        $sunk = $bite->isLessThan(Length::fromMillimetres(self::BITE_MM)) && self::isFlatOn($into, $meets->into)
            ? Length::greatest(Length::zero(), Screws::mostIn($thick->plus($beyond))->minus($length)) : Length::zero();
        $head = $meets->at->{$meets->into->value}->plus($meets->upward ? $thick->negated() : $thick);

        $drive = new Drill($meets->at->with($meets->into, $head), $meets->into, $meets->upward);

        return Fastener::driven($kind, [$from->id, $into->id], $length, $drive)->sunkBy($sunk);
    }

    /** @param  list<array{Panel, Contact}>  $areas */
    private function at(Place3 $place, array $areas): ?Panel
    {
        foreach ($areas as [$panel, $contact]) {
            $block = $contact->block();
            if (! $place->x->isLessThan($block->from(Axis::X)) && ! $place->x->isGreaterThan($block->to(Axis::X))
                && ! $place->y->isLessThan($block->from(Axis::Y)) && ! $place->y->isGreaterThan($block->to(Axis::Y))) {
                return $panel;
            }
        }

        return null;
    }

    private static function on(JointLine $line, Length $along): Place3
    {
        return (new Place3($line->plane, $line->plane, $line->plane))->with($line->along, $along)->with($line->across, $line->middle);
    }

    /** A screw goes through its thickness, not along it. */
    private static function isFlatOn(Panel $panel, Axis $axis): bool
    {
        return $panel->inHouse($panel->thin) === $axis;
    }
}
