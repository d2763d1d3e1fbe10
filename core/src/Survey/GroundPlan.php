<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;

/** The floor plan of a space at its lowest station. */
final class GroundPlan
{
    /** @return list<Point> the void, anticlockwise on paper from the left front */
    public static function void(RoomOutline $o): array
    {
        $back = Length::zero();
        $corner = fn (Side $side, Length $y): Point => new Point(self::wall($o, $side, $y), $y->negated());

        return [
            $corner(Side::Left, self::front($o, Side::Left)), $corner(Side::Right, self::front($o, Side::Right)),
            $corner(Side::Right, $back), ...self::breast($o), $corner(Side::Left, $back),
        ];
    }

    /** @return list<list<Point>> what a narrower mouth leaves standing at either side */
    public static function returns(RoomOutline $o): array
    {
        if (! $o->room->space->kind->hasMouth()) {
            return [];
        }
        $front = $o->depth;
        $out = self::mouthFace($o);
        $strip = fn (Length $from, Length $to): array => [
            new Point($from, $out->negated()), new Point($to, $out->negated()), new Point($to, $front->negated()), new Point($from, $front->negated()),
        ];
        $jamb = fn (Side $side): Length => $o->at(Surface::jamb($side), $o->room->sizes->depth, $o->room->sizes->lowest());
        $wall = Length::fromMillimetres(RoomOutline::WALL_MM);

        return [
            $strip($wall->negated(), $jamb(Side::Left)),
            $strip($jamb(Side::Right), $o->width->plus($wall)),
        ];
    }

    /** The outer face of what a mouth is cut in. */
    public static function mouthFace(RoomOutline $o): Length
    {
        return $o->depth->plus(Clip::nearest(max(20.0, $o->room->shape->at(Surface::MouthDepth, 0, 0))));
    }

    public static function front(RoomOutline $o, Side $side): Length
    {
        return $o->room->depth[$side->value] ?? $o->depth;
    }

    public static function wall(RoomOutline $o, Side $side, Length $y): Length
    {
        if (! $o->room->isMeasured()) {
            return $side === Side::Left ? Length::zero() : $o->width;
        }

        return $o->at(Surface::side($side), $y, $o->room->sizes->lowest());
    }

    /** @return list<Point> round the breast, from right to left */
    private static function breast(RoomOutline $o): array
    {
        if (! $o->room->space->kind->hasBreast()) {
            return [];
        }
        [$y, $z] = [$o->room->sizes->depth, $o->room->sizes->lowest()];
        [$left, $right] = [$o->at(Surface::BreastLeft, $y, $z), $o->at(Surface::BreastRight, $y, $z)];
        $out = Length::least($o->at(Surface::BreastFront, Length::ofUnits(intdiv($o->width->units, 2)), $z), $o->depth)->negated();

        return [new Point($right, Length::zero()), new Point($right, $out), new Point($left, $out), new Point($left, Length::zero())];
    }
}
