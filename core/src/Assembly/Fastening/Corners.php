<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** Where screws go that hold two boxes to each other: one near each corner of what they share, in wood. */
final class Corners
{
    /** In from the corners: our own figure. */
    private const IN_MM = 50;

    /** From the edge of what is screwed into. */
    private const EDGE_MM = 8;

    /**
     * @param  non-empty-list<Block>  $areas  that the two share, square to the axis
     * @return list<Place3> four at most, each once
     */
    public static function of(Axis $axis, array $areas): array
    {
        $flat = $axis->others();
        $low = fn (int $i): Length => Length::least(...array_map(fn (Block $b): Length => $b->from($flat[$i]), $areas));
        $high = fn (int $i): Length => Length::greatest(...array_map(fn (Block $b): Length => $b->to($flat[$i]), $areas));
        $places = [];
        foreach ([0, 1] as $i) {
            foreach ([0, 1] as $j) {
                $wanted = Block::nothing()->corner->with($flat[0], self::in($low(0), $high(0), $i))->with($flat[1], self::in($low(1), $high(1), $j));
                $near = array_map(fn (Block $area): Place3 => self::nearest($area, $axis, $flat, $wanted), $areas);
                usort($near, fn (Place3 $a, Place3 $b): int => self::apart($a, $wanted, $flat) <=> self::apart($b, $wanted, $flat));
                $places["{$near[0]->x->units} {$near[0]->y->units} {$near[0]->z->units}"] = $near[0];
            }
        }

        return array_values($places);
    }

    /** @return list<Place3> two rows along the longer way of an area, none further apart than that */
    public static function rows(Axis $axis, Block $area, Length $pitch): array
    {
        [$one, $other] = $axis->others();
        [$long, $short] = $area->extent($one)->isLessThan($area->extent($other)) ? [$other, $one] : [$one, $other];
        [$from, $to] = [self::in($area->from($long), $area->to($long), 0), self::in($area->from($long), $area->to($long), 1)];
        $n = max(1, (int) ceil($to->minus($from)->units / $pitch->units));
        $places = [];
        foreach ([0, 1] as $row) {
            $across = self::in($area->from($short), $area->to($short), $row);
            foreach (range(0, $n) as $i) {
                $along = $from->plus(Length::ofUnits((int) round($to->minus($from)->units * $i / $n)));
                $places[] = Block::nothing()->corner->with($axis, $area->middle($axis))->with($long, $along)->with($short, $across);
            }
        }

        return $places;
    }

    /** Near one end of a stretch; in its middle where it is short. */
    private static function in(Length $from, Length $to, int $end): Length
    {
        $in = Length::least(Length::fromMillimetres(self::IN_MM), $to->minus($from)->splitInto(4)[0]);

        return $end === 0 ? $from->plus($in) : $to->minus($in);
    }

    /** @param  array{Axis, Axis}  $flat */
    private static function nearest(Block $area, Axis $axis, array $flat, Place3 $wanted): Place3
    {
        $place = $wanted->with($axis, $area->middle($axis));
        foreach ($flat as $along) {
            $edge = Length::least(Length::fromMillimetres(self::EDGE_MM), $area->extent($along)->half());
            $from = Length::greatest($wanted->{$along->value}, $area->from($along)->plus($edge));
            $place = $place->with($along, Length::least($from, $area->to($along)->minus($edge)));
        }

        return $place;
    }

    /** @param  array{Axis, Axis}  $flat */
    private static function apart(Place3 $a, Place3 $b, array $flat): int
    {
        return array_sum(array_map(fn (Axis $k): int => abs($a->{$k->value}->units - $b->{$k->value}->units), $flat));
    }
}
