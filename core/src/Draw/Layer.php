<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;

/** Which layer a panel is drawn on, and the marks drawn on it. */
final class Layer
{
    public static function of(Panel $panel): string
    {
        return match ($panel->role) {
            Role::Filler, Role::Lip => 'filler',
            Role::Trim => 'trim',
            Role::Back => 'back',
            Role::Nailer, Role::Rung, Role::Cleat, Role::TopRail, Role::Ledger, Role::Stud => 'hidden',
            Role::PlinthRail, Role::ToeBoard => 'plinth',
            Role::Stile, Role::Rail, Role::Mullion => 'frame',
            Role::Door, Role::DoorPart => 'door',
            Role::Glass => 'glass',
            Role::Front, Role::Lid => 'front',
            default => 'board',
        };
    }

    /** @return list<Point> a dashed line from the closing edge's corners to the middle of the hinge side */
    public static function swing(Panel $panel): array
    {
        $b = $panel->block;
        [$left, $right] = [$b->corner->x, $b->corner->x->plus($b->size->x)];
        [$foot, $head] = [$b->corner->z, $b->corner->z->plus($b->size->z)];
        [$hinge, $free] = $panel->hand === Side::Left ? [$left, $right] : [$right, $left];

        return [new Point($free, $foot), new Point($hinge, $foot->plus($b->size->z->half())), new Point($free, $head)];
    }

    /** @return list<Point> an opening cut through a panel: square, or round as a polygon of so many sides */
    public static function hole(Taken $taken, View $view, int $sides = 24): array
    {
        $corners = $taken->block->outlineIn($view);
        if ($taken->kind !== TakenKind::RoundCutOut) {
            return $corners;
        }
        [$a, $b] = [$corners[0], $corners[2]];
        [$x, $y] = [($a->across->units + $b->across->units) / 2, ($a->up->units + $b->up->units) / 2];
        [$rx, $ry] = [abs($b->across->units - $a->across->units) / 2, abs($b->up->units - $a->up->units) / 2];

        return array_map(fn (int $i): Point => new Point(Length::ofUnits((int) round($x + $rx * cos($i * 2 * M_PI / $sides))),
            Length::ofUnits((int) round($y + $ry * sin($i * 2 * M_PI / $sides)))), range(0, $sides - 1));
    }
}
