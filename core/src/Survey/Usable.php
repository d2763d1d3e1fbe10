<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Footprint;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Measure\Length;

/**
 * What a box could take up over a footprint placed anywhere in the space: between plumb lines at either side, from the
 * floor's high point under it to the lowest overhead above it, less what is left standing in its way.
 */
final class Usable
{
    private const STRIPS = 12;

    /** @return array{floor_high: Length, floor_fall: Length, clear_height: Length|null, left: Length, right: Length, back: Length, in_the_way: list<string>} */
    public static function over(Footprint $f, Room $room): array
    {
        [$left, $right] = [$f->x, $f->x->plus($f->width)];
        $floors = self::floors($f, $room);
        $high = Clip::up(max($floors));
        $overhead = $room->lowestOverhead($left, $right, $f->y->plus($f->depth));

        return [
            'floor_high' => $high,
            'floor_fall' => Clip::nearest(max($floors) - min($floors)),
            'clear_height' => $overhead?->minus($high),
            'left' => $left->minus(self::limit($room, Side::Left)),
            'right' => self::limit($room, Side::Right)->minus($right),
            'back' => $f->y,
            'in_the_way' => self::inTheWay($f, $room),
        ];
    }

    /** @return non-empty-list<float> mm, over a grid of the footprint */
    private static function floors(Footprint $f, Room $room): array
    {
        $floors = [$room->shape->at(Surface::Floor, $f->x->units, $f->y->units)];
        for ($i = 0; $i <= self::STRIPS; $i++) {
            for ($j = 0; $j <= self::STRIPS; $j++) {
                $floors[] = $room->shape->at(Surface::Floor, $f->x->units + $f->width->units * $i / self::STRIPS,
                    $f->y->units + $f->depth->units * $j / self::STRIPS);
            }
        }

        return $floors;
    }

    /** A side where it stands furthest in, over all its stations. */
    private static function limit(Room $room, Side $side): Length
    {
        $at = $side === Side::Left ? Length::zero() : $room->sizes->width;
        foreach ($room->isMeasured() ? $room->planes() : [] as $plane) {
            foreach ($room->wall($side, $plane) as $point) {
                $further = $side === Side::Left ? $point->x->isGreaterThan($at) : $point->x->isLessThan($at);
                $at = $further ? $point->x : $at;
            }
        }

        return $at;
    }

    /** @return list<string> ids of solid things standing over the footprint that keep their room */
    private static function inTheWay(Footprint $f, Room $room): array
    {
        $ids = [];
        foreach ($room->things as $placed) {
            $within = $placed->meetsRun($f->x, $f->x->plus($f->width)) && $placed->meetsDepth($f->y->plus($f->depth))
                && $placed->block->corner->y->plus($placed->block->size->y)->isGreaterThan($f->y);
            if ($within && $placed->isSolid() && $placed->thing->takesRoom() && $placed->thing->kind !== ThingKind::Light) {
                $ids[] = $placed->thing->id;
            }
        }

        return $ids;
    }
}
