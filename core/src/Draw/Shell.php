<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\RoomOutline;
use Incastro\Core\Survey\Surface;

/** The room's real shape around a piece as four-cornered faces in the house's frame, mm: floor, back, sides, breast, and what is overhead. */
final readonly class Shell
{
    private const STRIPS = 6;

    private RoomOutline $o;

    public function __construct(private Room $room)
    {
        $this->o = new RoomOutline($room, Length::zero());
    }

    /** @return list<array{surface: string, corners: list<array{int|float, int|float, int|float}>}> */
    public function faces(): array
    {
        $faces = [];
        [$w, $d] = [$this->o->width, $this->o->depth];
        $zero = Length::zero();
        array_push($faces, ...self::net('floor', $this->steps($zero, $w), [$zero, $d],
            fn (Length $x, Length $y): Place3 => new Place3($x, $y, $this->o->at(Surface::Floor, $x, $y))));
        array_push($faces, ...self::net('overhead', $this->steps($zero, $w), $this->steps($zero, $d),
            fn (Length $x, Length $y): Place3 => new Place3($x, $y, $this->o->overhead->at($x, $y))));
        $heights = $this->steps($zero, $this->o->overhead->at(Length::ofUnits(intdiv($w->units, 2)), $zero));
        array_push($faces, ...self::net('back', [$zero, $w], $heights,
            fn (Length $x, Length $z): Place3 => new Place3($x, $this->o->at(Surface::Back, $x, $z), $z)));
        foreach (Side::cases() as $side) {
            if ($this->room->space->side($side) !== SideKind::Open && $this->room->isMeasured()) {
                $this->wall($faces, $side);
            }
        }
        if ($this->room->space->kind->hasBreast()) {
            $this->breast($faces);
        }

        return $faces;
    }

    /** @param  list<array{surface: string, corners: list<array{int|float, int|float, int|float}>}>  $faces */
    private function wall(array &$faces, Side $side): void
    {
        $x = $side === Side::Left ? Length::zero() : $this->o->width;
        $heads = [$this->o->overhead->at($x, Length::zero()), $this->o->overhead->at($x, $this->o->depth)];
        $steps = [0, 1, 2, 3, 4, 5, 6];
        foreach (array_slice($steps, 0, -1) as $i) {
            $at = function (int $step, int $end) use ($side, $heads): Place3 {
                $z = Length::ofUnits(intdiv($heads[$end]->units * $step, self::STRIPS));
                $y = $end === 0 ? Length::zero() : $this->o->depth;

                return new Place3($this->o->at(Surface::side($side), $y, $z), $y, $z);
            };
            $faces[] = self::face($side->value, $at($i, 0), $at($i, 1), $at($i + 1, 1), $at($i + 1, 0));
        }
    }

    /** @param  list<array{surface: string, corners: list<array{int|float, int|float, int|float}>}>  $faces */
    private function breast(array &$faces): void
    {
        $heights = $this->steps(Length::zero(), $this->o->height);
        $middle = Length::ofUnits(intdiv($this->o->width->units, 2));
        $out = fn (Length $z): Length => $this->o->at(Surface::BreastFront, $middle, $z);
        $cheek = fn (Side $side, Length $z, Length $y): Place3 => new Place3($this->o->at(Surface::cheek($side), $y, $z), $y, $z);
        foreach (array_slice($heights, 0, -1) as $i => $z) {
            $next = $heights[$i + 1];
            foreach (Side::cases() as $side) {
                $faces[] = self::face('breast', $cheek($side, $z, Length::zero()), $cheek($side, $z, $out($z)),
                    $cheek($side, $next, $out($next)), $cheek($side, $next, Length::zero()));
            }
            $faces[] = self::face('breast', $cheek(Side::Left, $z, $out($z)), $cheek(Side::Right, $z, $out($z)),
                $cheek(Side::Right, $next, $out($next)), $cheek(Side::Left, $next, $out($next)));
        }
    }

    /**
     * @param  list<Length>  $as
     * @param  list<Length>  $bs
     * @param  \Closure(Length, Length): Place3  $at
     * @return list<array{surface: string, corners: list<array{int|float, int|float, int|float}>}>
     */
    private static function net(string $surface, array $as, array $bs, \Closure $at): array
    {
        $faces = [];
        $knots = array_map(fn (Length $a): array => array_map(fn (Length $b): Place3 => $at($a, $b), $bs), $as);
        for ($i = 0; $i + 1 < count($as); $i++) {
            for ($k = 0; $k + 1 < count($bs); $k++) {
                $faces[] = self::face($surface, $knots[$i][$k], $knots[$i + 1][$k], $knots[$i + 1][$k + 1], $knots[$i][$k + 1]);
            }
        }

        return $faces;
    }

    /** @return array{surface: string, corners: list<array{int|float, int|float, int|float}>} */
    private static function face(string $surface, Place3 ...$corners): array
    {
        return ['surface' => $surface,
            'corners' => array_map(fn (Place3 $p): array => [$p->x->millimetres(), $p->y->millimetres(), $p->z->millimetres()], array_values($corners))];
    }

    /** @return list<Length> */
    private function steps(Length $from, Length $to): array
    {
        return array_map(fn (int $i): Length => $from->plus(Length::ofUnits(intdiv($to->minus($from)->units * $i, self::STRIPS))), range(0, self::STRIPS));
    }
}
