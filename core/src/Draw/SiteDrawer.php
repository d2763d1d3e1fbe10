<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Reading;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Document\Rise;
use Incastro\Core\Document\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\WallPoint;

/** The space with its readings on it: where each tape lies, read or still to be read. */
final readonly class SiteDrawer
{
    public function opening(Room $room): Drawing
    {
        $outline = new Outline($room, Length::zero());
        $drawing = new Drawing(View::Front);
        self::walls($drawing, $outline);
        foreach ($room->space->readings as $reading) {
            $this->reading($drawing, $reading, $outline);
        }
        foreach (Side::cases() as $side) {
            self::lean($drawing, $outline, $side);
        }

        return $drawing;
    }

    public static function walls(Drawing $drawing, Outline $outline): void
    {
        $wall = Length::fromMillimetres(Outline::WALL_MM);
        $right = $outline->width->plus($wall);
        $top = $outline->height->plus($wall);
        $drawing->shape('wall', [
            new Point($wall->negated(), $wall->negated()), new Point($right, $wall->negated()),
            new Point($right, $top), new Point($wall->negated(), $top),
        ]);
        $drawing->shape('room', $outline->room());
    }

    private function reading(Drawing $drawing, Reading $reading, Outline $o): void
    {
        $side = $reading->side ?? Side::Left;
        $wall = fn (Side $s, Length $z): Point => new Point($o->wallAt($s, $z), $z);
        $head = fn (Side $s): Length => $o->room->ceiling[$s->value] ?? $o->height;
        $foot = fn (Side $s): Length => $o->room->floor[$s->value];
        $in = fn (Point $p, Length $by): Point => new Point($side === Side::Left ? $p->across->plus($by) : $p->across->minus($by), $p->up);
        $hand = Length::fromMillimetres(90);
        $ends = match ($reading->kind) {
            ReadingKind::Width => [$wall(Side::Left, $reading->z), $wall(Side::Right, $reading->z)],
            ReadingKind::Height => [$in($wall($side, $foot($side)), $hand), $in($wall($side, $head($side)), $hand)],
            ReadingKind::Plumb => [$wall($side, $reading->fromZ), $wall($side, $reading->z)],
            ReadingKind::Level => [$wall(Side::Left, $foot(Side::Left)), $wall(Side::Right, $foot(Side::Right))],
            ReadingKind::Diagonal => $reading->rise === Rise::Right
                ? [$wall(Side::Left, $foot(Side::Left)), $wall(Side::Right, $head(Side::Right))]
                : [$wall(Side::Right, $foot(Side::Right)), $wall(Side::Left, $head(Side::Left))],
            ReadingKind::Depth => null,
        };
        if ($ends !== null) {
            $layer = $reading->kind->value.($reading->plane === Plane::Back ? '_back' : '');
            $drawing->reading($layer, $ends[0], $ends[1], $reading->value(), $reading->id);
        }
    }

    /** From above, with the depth readings. */
    public function top(Room $room): Drawing
    {
        $drawing = self::ground($room);
        $o = new Outline($room, Length::zero());
        $in = Length::fromMillimetres(90);
        foreach ($room->space->readings as $reading) {
            if ($reading->kind === ReadingKind::Depth) {
                $side = $reading->side ?? Side::Left;
                $x = $side === Side::Left ? $in : $o->width->minus($in);
                $drawing->reading('depth', new Point($x, Length::zero()), new Point($x, self::front($room, $o, $side)), $reading->value(), $reading->id);
            }
        }

        return $drawing;
    }

    /** The niche from above: the back wall at the top of the page. */
    public static function ground(Room $room): Drawing
    {
        $o = new Outline($room, Length::zero());
        $drawing = new Drawing(View::Top);
        $wall = Length::fromMillimetres(Outline::WALL_MM);
        $drawing->shape('wall', [
            new Point($wall->negated(), $o->depth->negated()), new Point($o->width->plus($wall), $o->depth->negated()),
            new Point($o->width->plus($wall), $wall), new Point($wall->negated(), $wall),
        ]);
        $drawing->shape('room', [
            new Point(Length::zero(), self::front($room, $o, Side::Left)), new Point($o->width, self::front($room, $o, Side::Right)),
            new Point($o->width, Length::zero()), new Point(Length::zero(), Length::zero()),
        ]);

        return $drawing;
    }

    private static function front(Room $room, Outline $outline, Side $side): Length
    {
        return ($room->depth[$side->value] ?? $outline->depth)->negated();
    }

    /** How far the wall stands from plumb, from its lowest station, enlarged. */
    private static function lean(Drawing $drawing, Outline $o, Side $side): void
    {
        if (! $o->room->isMeasured()) {
            return;
        }
        $points = $o->room->wall($side, Plane::Front);
        $values = array_map(
            fn (WallPoint $p): Length => $side === Side::Left ? $p->x->minus($points[0]->x) : $points[0]->x->minus($p->x),
            $points,
        );
        $stations = array_map(fn (WallPoint $p, Length $v): array => ['at' => $p->z, 'value' => $v], $points, $values);
        $title = Text::of($o->isLeanKnown($side) ? 'draw.leans_in' : 'draw.leans_in_assumed');
        $base = Length::fromMillimetres(Outline::WALL_MM + 60);
        $drawing->ribbon($side->value, $title, Magnify::times($values),
            $side === Side::Left ? $base->negated() : $o->width->plus($base), $stations, null);
    }
}
