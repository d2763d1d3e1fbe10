<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\GroundPlan;
use Incastro\Core\Survey\Readings\Measurements;
use Incastro\Core\Survey\Readings\Tapes;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\RoomOutline;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Survey\WallPoint;

/** The space with its readings on it: where each tape lies, read or still to be read. */
final readonly class SiteDrawer
{
    public function front(Room $room): Drawing
    {
        $outline = new RoomOutline($room, Length::zero());
        $drawing = new Drawing(View::Front);
        self::walls($drawing, $outline);
        $this->opening($drawing, $outline);
        $things = new ThingDrawer($room);
        $things->studs($drawing, $outline);
        $things->things($drawing);
        $this->tapes($drawing, $outline);
        foreach (Side::cases() as $side) {
            if ($room->space->side($side) !== SideKind::Open) {
                self::lean($drawing, $outline, $side);
            }
        }

        return $drawing;
    }

    public function top(Room $room): Drawing
    {
        $drawing = self::ground($room);
        $f = $room->space->footprint;
        if ($f !== null) {
            [$near, $far, $end] = [$f->y->negated(), $f->y->plus($f->depth)->negated(), $f->x->plus($f->width)];
            $drawing->shape('footprint', [new Point($f->x, $far), new Point($end, $far), new Point($end, $near), new Point($f->x, $near)]);
        }
        (new ThingDrawer($room))->things($drawing);
        $this->tapes($drawing, new RoomOutline($room, Length::zero()));

        return $drawing;
    }

    /** From the left looking right: the back wall on the left, the room on the right. */
    public function side(Room $room): Drawing
    {
        $o = new RoomOutline($room, Length::zero());
        $drawing = new Drawing(View::Side);
        $zero = Length::zero();
        $middle = Length::ofUnits(intdiv($o->width->units, 2));
        $back = fn (Length $z): Point => new Point($o->at(Surface::Back, $middle, $z), $z);
        [$foot, $head] = [$zero, $o->overhead->at($middle, $zero)];
        $bends = $o->overhead->alongDepth($zero, $o->depth, $middle);
        $wall = Length::fromMillimetres(RoomOutline::WALL_MM);
        $top = Length::greatest($o->height, $head)->plus($wall);
        $drawing->shape('wall', [
            new Point($wall->negated(), $wall->negated()), new Point($o->depth, $wall->negated()),
            new Point($o->depth, $top), new Point($wall->negated(), $top),
        ]);
        $drawing->shape('room', [
            $back($foot), new Point($o->depth, $zero), new Point($o->depth, $o->overhead->at($middle, $o->depth)), ...array_reverse($bends), $back($head),
        ]);
        (new ThingDrawer($room))->things($drawing);
        $this->tapes($drawing, $o);

        return $drawing;
    }

    public static function walls(Drawing $drawing, RoomOutline $outline): void
    {
        $wall = Length::fromMillimetres(RoomOutline::WALL_MM);
        $space = $outline->room->space;
        $left = $space->left === SideKind::Open ? Length::zero() : $wall->negated();
        $right = $space->right === SideKind::Open ? $outline->width : $outline->width->plus($wall);
        $top = $outline->height->plus($wall);
        $drawing->shape('wall', [
            new Point($left, $wall->negated()), new Point($right, $wall->negated()), new Point($right, $top), new Point($left, $top),
        ]);
        $drawing->shape('room', $outline->room());
        foreach (Side::cases() as $side) {
            self::edgeOf($drawing, $outline, $side);
        }
    }

    /** The space from above: the back wall at the top of the page. */
    public static function ground(Room $room): Drawing
    {
        $o = new RoomOutline($room, Length::zero());
        $drawing = new Drawing(View::Top);
        $wall = Length::fromMillimetres(RoomOutline::WALL_MM);
        $left = $room->space->left === SideKind::Open ? Length::zero() : $wall->negated();
        $right = $room->space->right === SideKind::Open ? $o->width : $o->width->plus($wall);
        $drawing->shape('wall', [
            new Point($left, $o->depth->negated()), new Point($right, $o->depth->negated()), new Point($right, $wall), new Point($left, $wall),
        ]);
        $drawing->shape('room', GroundPlan::void($o));
        foreach (GroundPlan::returns($o) as $return) {
            $drawing->shape('wall', $return);
        }

        return $drawing;
    }

    /** The breast, and the mouth that the inside is reached through. */
    private function opening(Drawing $drawing, RoomOutline $o): void
    {
        $kind = $o->room->space->kind;
        $front = $o->room->sizes->depth;
        $low = $o->room->sizes->lowest();
        $x = fn (Surface $s): Length => $o->at($s, $front, $low);
        self::breast($drawing, $o);
        if ($kind->hasMouth()) {
            [$l, $r, $head] = [$x(Surface::MouthLeft), $x(Surface::MouthRight), $o->at(Surface::MouthHead, Length::zero(), $front)];
            $drawing->line('mouth', [new Point($l, Length::zero()), new Point($l, $head), new Point($r, $head), new Point($r, Length::zero())]);
        }
    }

    /** The breast as it stands before the wall, where there is one. */
    public static function breast(Drawing $drawing, RoomOutline $o): void
    {
        if (! $o->room->space->kind->hasBreast()) {
            return;
        }
        $x = fn (Surface $s): Length => $o->at($s, $o->room->sizes->depth, $o->room->sizes->lowest());
        [$left, $right] = [$x(Surface::BreastLeft), $x(Surface::BreastRight)];
        $drawing->shape('breast',
            [new Point($left, Length::zero()), new Point($right, Length::zero()), new Point($right, $o->height), new Point($left, $o->height)]);
    }

    private function tapes(Drawing $drawing, RoomOutline $o): void
    {
        $tapes = new Tapes($o);
        foreach ($o->room->space->readings as $reading) {
            $ends = Measurements::tape($reading, $drawing->view, $tapes);
            if ($ends !== null) {
                $drawing->reading(self::layer($reading), $ends, $reading);
            }
        }
    }

    private static function layer(Reading $reading): string
    {
        return $reading->kind->value.($reading->plane === Plane::Back ? '_back' : '');
    }

    /** An open side is a dashed mark, an appliance its own side. */
    private static function edgeOf(Drawing $drawing, RoomOutline $o, Side $side): void
    {
        $points = $o->side($side);
        $kind = $o->room->space->side($side);
        if ($kind === SideKind::Open) {
            $drawing->line('mark', [$points[0], $points[count($points) - 1]]);
        }
        if ($kind === SideKind::Appliance) {
            $out = Length::fromMillimetres($side === Side::Left ? -RoomOutline::WALL_MM : RoomOutline::WALL_MM);
            $top = Length::least($o->height, Length::fromMillimetres(900));
            $drawing->shape('appliance',
                [$points[0], new Point($points[0]->across, $top), new Point($points[0]->across->plus($out), $top),
                    new Point($points[0]->across->plus($out), $points[0]->up)]);
        }
    }

    /** How far the wall stands from plumb, from its lowest station, enlarged. */
    private static function lean(Drawing $drawing, RoomOutline $o, Side $side): void
    {
        $points = $o->room->wall($side, Plane::Front);
        if (! $o->room->isMeasured() || $points === []) {
            return;
        }
        $values = array_map(
            fn (WallPoint $p): Length => $side === Side::Left ? $p->x->minus($points[0]->x) : $points[0]->x->minus($p->x),
            $points,
        );
        $stations = array_map(fn (WallPoint $p, Length $v): array => ['at' => $p->z, 'value' => $v], $points, $values);
        $title = Text::of($o->isLeanKnown($side) ? 'draw.leans_in' : 'draw.leans_in_assumed');
        // What leans away reaches back toward the wall: the base stands further out by as much.
        $times = Magnify::times($values);
        $base = Length::fromMillimetres(RoomOutline::WALL_MM + 60)->minus(Length::least(Length::zero(), ...$values)->times($times));
        $drawing->ribbon(new Ribbon($side->value, $title, $times,
            $side === Side::Left ? $base->negated() : $o->width->plus($base), $stations), null);
    }
}
