<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Units;

use Incastro\Core\Design\Role;

/** What goes together before it goes to its place. */
enum UnitKind: string
{
    case Base = 'base';
    case Carcass = 'case';
    case Frame = 'frame';
    case Mover = 'mover';
    case Ladder = 'ladder';
    case Loose = 'loose';

    /** Of what a panel is a part; null where it goes to its place by itself. */
    public static function of(Role $role): ?self
    {
        return match (true) {
            in_array($role, [Role::PlinthRail, Role::Rung], true) => self::Base,
            in_array($role, [Role::Stile, Role::Rail, Role::Mullion], true) => self::Frame,
            $role === Role::Ladder => self::Ladder,
            $role->moves() => self::Mover,
            in_array($role, [Role::Side, Role::Top, Role::RakingTop, Role::TopRail, Role::Bottom, Role::Between,
                Role::Divider, Role::Shelf, Role::Cleat, Role::Standard, Role::Nailer, Role::ToeBoard], true) => self::Carcass,
            default => null,
        };
    }
}
