<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\PlacedThing;

/** A moulding seen end on: its profile as read, from the wall out, where the view shows its section. */
final class Moulding
{
    /** @return list<Point>|null null where the view does not look along it, or no profile was read */
    public static function outline(PlacedThing $placed, View $view): ?array
    {
        $t = $placed->thing;
        $seen = match ($t->face) {
            Face::Back => $view === View::Side,
            Face::Left, Face::Right => $view === View::Front,
            default => false,
        };
        if (! $seen || $t->profile === []) {
            return null;
        }
        $wall = match ($t->face) {
            Face::Left => $placed->block->corner->x,
            Face::Right => $placed->block->corner->x->plus($t->out),
            default => Length::zero(),
        };
        $at = fn (Length $up, Length $out): Point => new Point(($t->face === Face::Right ? Side::Right : Side::Left)->inward($wall, $out), $t->up->plus($up));
        $zero = Length::zero();
        $points = array_map(fn (array $p): Point => $at($p[0], $p[1]), $t->profile);

        return [$at($zero, $zero), ...$points, $at($t->profile[count($t->profile) - 1][0], $zero)];
    }
}
