<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\Contact;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Reached;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;

/** All that holds the bodies of a project: as Reached has it, and where. */
final readonly class Bonds
{
    /** @param  array<string, Body>  $bodies  that are held and do not move */
    public function __construct(private Assembly $assembly, private array $bodies)
    {
    }

    /**
     * Those of some bodies alone.
     *
     * @param  array<string, mixed>  $parts
     * @return list<Bond>
     */
    public function of(array $parts): array
    {
        return array_values(array_filter($this->all($parts), fn (Bond $b): bool => isset($parts[$b->body]) || isset($parts[$b->by ?? ''])));
    }

    /**
     * @param  array<string, mixed>|null  $parts  faces of these alone
     * @return list<Bond>
     */
    public function all(?array $parts = null): array
    {
        $bonds = $this->faces($parts);
        foreach ($this->assembly->pieces as $id => $built) {
            array_push($bonds, ...$this->fasteners((string) $id), ...$this->fittings((string) $id),
                ...$this->floor($built), ...$this->wall((string) $id), ...$this->bears($built));
        }

        return $bonds;
    }

    /**
     * @param  array<string, mixed>|null  $parts
     * @return list<Bond> faces that carry, what is let in, and faces that a joint draws together
     */
    private function faces(?array $parts): array
    {
        $joined = [];
        foreach ($this->assembly->pieces as $built) {
            foreach ($built->design->joints as $joint) {
                if (! in_array($joint->kind, [JointKind::Clears, JointKind::Rests, JointKind::Pins], true)) {
                    $joined["$joint->first $joint->second"] = $joined["$joint->second $joint->first"] = true;
                }
            }
        }
        $bonds = [];
        foreach ($this->assembly->contacts as $contact) {
            if ($parts !== null && ! isset($parts[$contact->first]) && ! isset($parts[$contact->second])) {
                continue;
            }
            $isHeld = $contact->isLetIn || $contact->carriesFirst() || $contact->carriesSecond() || isset($joined["$contact->first $contact->second"]);
            if ($isHeld && isset($this->bodies[$contact->first], $this->bodies[$contact->second])) {
                [$body, $by] = $contact->carriesFirst() ? [$contact->first, $contact->second] : [$contact->second, $contact->first];
                $bonds[] = new Bond($body, $by, self::corners($contact), BondKind::Face);
            }
        }

        return $bonds;
    }

    /** @return list<Bond> */
    private function fasteners(string $piece): array
    {
        $bonds = [];
        foreach ($this->assembly->fastened($piece)->fasteners as $each) {
            $isOne = ! in_array($each->kind, [FastenerKind::SparePin, FastenerKind::Hinge], true);
            if ($isOne && isset($this->bodies[$each->from], $this->bodies[$each->into ?? ''])) {
                $bonds[] = new Bond($each->from, $each->into, [self::place($each->drive->at)], BondKind::Fastener);
            }
        }

        return $bonds;
    }

    /** @return list<Bond> sockets, brackets and rods; a bracket for one board alone goes to the house */
    private function fittings(string $piece): array
    {
        $bonds = [];
        foreach ($this->assembly->fittings($piece) as $each) {
            $isHouse = $each->on === $each->serves && str_ends_with($each->name->key, '_bracket');
            foreach (isset($this->bodies[$each->on], $this->bodies[$each->serves]) && ($isHouse || $each->on !== $each->serves) ? $each->at : [] as $at) {
                $bonds[] = new Bond($each->serves, $isHouse ? null : $each->on, [self::place($at)], $isHouse ? BondKind::Wall : BondKind::Fitting);
            }
        }

        return $bonds;
    }

    /** @return list<Bond> what stands on the floor, at the corners of its foot */
    private function floor(PlacedPiece $built): array
    {
        $bonds = [];
        foreach ($built->fit->panels as $panel) {
            if (isset($this->bodies[$panel->id]) && Reached::stands($panel, $built)) {
                $bonds[] = new Bond($panel->id, null, self::foot($panel->block), BondKind::Floor);
            }
        }

        return $bonds;
    }

    /** @return list<Bond> */
    private function wall(string $piece): array
    {
        $own = array_filter($this->assembly->wallScrews($piece), fn (WallFastener $f): bool => isset($this->bodies[$f->board->id]));

        $bonds = array_map(fn (WallFastener $f): Bond => new Bond($f->board->id, null,
            [[Way::mm($f->x), Way::mm($f->board->block->from(Axis::Y)), Way::mm($f->z)]], BondKind::Wall), array_values($own));
        // A board by itself leans on the wall along its lower edge, one of a box with that's foot.
        $alone = array_filter($own, fn (WallFastener $f): bool => $this->assembly->footing->units[$f->board->id]->kind !== UnitKind::Carcass);
        foreach (array_column(array_map(fn (WallFastener $f): array => [$f->board->id, $f->board], $alone), 1, 0) as $id => $board) {
            $bonds[] = new Bond((string) $id, null, array_slice(self::foot($board->block), 0, 2), BondKind::Bears, [0.0, 1.0, 0.0]);
        }

        return $bonds;
    }

    /** @return list<Bond> a box with nothing under it leans against the wall with its foot */
    private function bears(PlacedPiece $built): array
    {
        $bonds = $standing = [];
        foreach ($this->assembly->footing->pairs as [, $upper]) {
            $standing[$this->assembly->footing->units[$upper->id]->id] = true;
        }
        foreach ($built->units as $unit) {
            $isUp = $unit->kind === UnitKind::Carcass && ! isset($standing[$unit->id])
                && array_filter($unit->panels, fn (Panel $p): bool => Reached::stands($p, $built)) === [];
            foreach ($isUp ? $unit->panels : [] as $panel) {
                $isFoot = isset($this->bodies[$panel->id]) && $panel->block->from(Axis::Z)->equals($unit->bottom())
                    && $panel->block->from(Axis::Y)->equals($unit->block()->from(Axis::Y));
                $points = array_slice(self::foot($panel->block), 0, 2);
                $bonds = $isFoot ? [...$bonds, new Bond($panel->id, null, $points, BondKind::Bears, [0.0, 1.0, 0.0])] : $bonds;
            }
        }

        return $bonds;
    }

    /** @return non-empty-list<array{float, float, float}> its lower corners, those at the wall first */
    private static function foot(Block $block): array
    {
        [$x, $y, $z] = [[Way::mm($block->from(Axis::X)), Way::mm($block->to(Axis::X))], [Way::mm($block->from(Axis::Y)), Way::mm($block->to(Axis::Y))],
            Way::mm($block->from(Axis::Z))];

        return [[$x[0], $y[0], $z], [$x[1], $y[0], $z], [$x[0], $y[1], $z], [$x[1], $y[1], $z]];
    }

    /** @return non-empty-list<array{float, float, float}> of what holds the region, each once */
    private static function corners(Contact $contact): array
    {
        $points = [];
        foreach ([0, 1] as $x) {
            foreach ([2, 3] as $y) {
                foreach ([4, 5] as $z) {
                    $point = [$contact->box[$x], $contact->box[$y], $contact->box[$z]];
                    $points[implode(' ', $point)] = $point;
                }
            }
        }

        return array_values($points);
    }

    /** @return array{float, float, float} */
    private static function place(Place3 $at): array
    {
        return [Way::mm($at->x), Way::mm($at->y), Way::mm($at->z)];
    }
}
