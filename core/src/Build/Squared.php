<?php

declare(strict_types=1);

namespace Incastro\Core\Build;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/**
 * The corners by which an assembly is proved square: its two outer sides, which may begin and end at other heights than each other, so that
 * the diagonal rising to the right and the one rising to the left are not alike.
 */
final readonly class Squared
{
    private function __construct(public Length $width, public Length $left, public Length $right, public Length $rising, public Length $falling)
    {
    }

    /** Null where there are no four corners: a ladder, a rack, a box under a slope. */
    public static function of(Unit $unit): ?self
    {
        return match ($unit->kind) {
            UnitKind::Carcass => self::ofCarcass($unit),
            UnitKind::Base => self::rectangle($unit->panels, self::axis($unit, Axis::X), self::axis($unit, Axis::Y)),
            UnitKind::Frame => self::rectangle($unit->panels, self::axis($unit, Axis::X), Axis::Z),
            UnitKind::Mover => self::ofMover($unit),
            UnitKind::Ladder, UnitKind::Loose => null,
        };
    }

    /** Its diagonals are alike. */
    public function isRectangle(): bool
    {
        return $this->rising->equals($this->falling);
    }

    private static function ofCarcass(Unit $unit): ?self
    {
        $wide = self::axis($unit, Axis::X);
        $sides = array_values(array_filter($unit->panels, fn (Panel $p): bool => $p->role === Role::Side));
        usort($sides, fn (Panel $a, Panel $b): int => $a->block->from($wide)->units <=> $b->block->from($wide)->units);
        if (count($sides) < 2 || array_filter($unit->panels, fn (Panel $p): bool => $p->role === Role::RakingTop) !== []) {
            return null;
        }
        [$left, $right] = [$sides[0]->block, $sides[count($sides) - 1]->block];
        $width = $right->to($wide)->minus($left->from($wide));

        return new self($width, $left->extent(Axis::Z), $right->extent(Axis::Z),
            self::across($width, $right->to(Axis::Z)->minus($left->from(Axis::Z))), self::across($width, $left->to(Axis::Z)->minus($right->from(Axis::Z))));
    }

    /** A drawer is square as it lies, a framed door as it hangs. */
    private static function ofMover(Unit $unit): ?self
    {
        $box = array_values(array_filter($unit->panels, fn (Panel $p): bool => $p->role === Role::DrawerPart));
        $leaf = array_values(array_filter($unit->panels, fn (Panel $p): bool => $p->role === Role::DoorPart));

        return match (true) {
            $box !== [] => self::rectangle($box, self::axis($unit, Axis::X), self::axis($unit, Axis::Y)),
            $leaf !== [] => self::rectangle($leaf, self::axis($unit, Axis::X), Axis::Z),
            default => null,
        };
    }

    /** @param  non-empty-list<Panel>  $panels */
    private static function rectangle(array $panels, Axis $wide, Axis $high): self
    {
        $extent = fn (Axis $a): Length => Length::greatest(...array_map(fn (Panel $p): Length => $p->block->to($a), $panels))
            ->minus(Length::least(...array_map(fn (Panel $p): Length => $p->block->from($a), $panels)));
        $diagonal = self::across($extent($wide), $extent($high));

        return new self($extent($wide), $extent($high), $extent($high), $diagonal, $diagonal);
    }

    private static function axis(Unit $unit, Axis $of): Axis
    {
        return $unit->panels[0]->inHouse($of);
    }

    private static function across(Length $a, Length $b): Length
    {
        return Length::roundedFromMillimetres(round(hypot($a->units, $b->units) / Length::PER_MM, 1), Rounding::Nearest);
    }
}
