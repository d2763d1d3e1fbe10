<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Thing;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** Puts things stored as measured (from a side, from the floor) into the rebuilt room. */
final class Placing
{
    /** @return list<PlacedThing> */
    public static function of(Room $room): array
    {
        return array_values(array_map(fn (Thing $t): PlacedThing => new PlacedThing($t, self::block($t, $room)), $room->space->things));
    }

    private static function block(Thing $t, Room $room): Block
    {
        $zero = Length::zero();
        $start = $t->start($room->sizes->width);

        return match ($t->face) {
            Face::Left => new Block(new Place3(self::wall($room, Side::Left, $t), $t->across, $t->up), new Place3($t->out, $t->width, $t->height)),
            Face::Right => new Block(new Place3(self::wall($room, Side::Right, $t)->minus($t->out), $t->across, $t->up),
                new Place3($t->out, $t->width, $t->height)),
            Face::Floor => new Block(new Place3($start, $t->up, $zero), new Place3($t->width, $t->height, $t->out)),
            Face::Ceiling => new Block(new Place3($start, $t->up, self::overhead($room, $start, $t)->minus($t->out)),
                new Place3($t->width, $t->height, $t->out)),
            Face::Opening => new Block(new Place3($start, $room->sizes->depth, $t->up), new Place3($t->width, $t->out, $t->height)),
            default => new Block(new Place3($start, $zero, $t->up), new Place3($t->width, $t->out, $t->height)),
        };
    }

    /** The wall at the thing's middle, where its back lies. */
    private static function wall(Room $room, Side $side, Thing $t): Length
    {
        $middle = $t->up->plus($t->height->half());

        return $room->isMeasured() ? $room->wallAt($side, $middle, Plane::Front)->x : ($side === Side::Left ? Length::zero() : $room->sizes->width);
    }

    private static function overhead(Room $room, Length $start, Thing $t): Length
    {
        $x = $start->plus($t->width->half());

        return Clip::nearest($room->overhead->at($x->units, $t->up->units));
    }
}
