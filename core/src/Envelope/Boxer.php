<?php

declare(strict_types=1);

namespace Incastro\Core\Envelope;

use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\StandFrom;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Studs;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Survey\WallPoint;

/** Finds the plumb clear box of a piece and takes the set-off of each edge from it. */
final class Boxer
{
    public function box(Piece $piece, Room $room): Box
    {
        $box = $this->standingOn($room->floorHighPoint(), $piece, $room);
        $floor = self::highestUnder($box, $piece, $room);

        return $floor === null || $floor->equals($room->floorHighPoint()) ? $box : $this->standingOn($floor, $piece, $room);
    }

    /** The floor's high point under the footprint itself (fieldbook §3); null where nothing was read, or nothing stands on it. */
    private static function highestUnder(Box $box, Piece $piece, Room $room): ?Length
    {
        if (! $room->shape->knows(Surface::Floor) || $piece->up()->isPositive()) {
            return null;
        }
        $high = [];
        foreach (Strips::over($box->left, $box->right()) as $x) {
            foreach (Strips::over($box->rear, $box->rear->plus($piece->depth)) as $y) {
                $high[] = $room->shape->at(Surface::Floor, $x, $y);
            }
        }

        return Clip::up(max($high));
    }

    private function standingOn(Length $high, Piece $piece, Room $room): Box
    {
        $floor = $high->plus($piece->up());
        $bounds = new Bounds($piece, $room);
        $plinth = $piece->plinthHeight();
        $bottom = $floor->plus($plinth);
        $top = $floor->plus($piece->height);
        $carcass = new Block(new Place3(Length::zero(), Length::zero(), $bottom), new Place3(Length::zero(), $piece->depth, $top->minus($bottom)));
        $tightest = new Tightest($room, $bounds, $carcass);
        [$left, $right] = [$tightest->of(Side::Left), $tightest->of(Side::Right)];
        $clear = self::clear($left, $right);
        $setOff = [
            'left' => Figure::of($piece->left->setOff, Text::of("fit.set_off_{$piece->left->kind->value}"), "$piece->id/left"),
            'right' => Figure::of($piece->right->setOff, Text::of("fit.set_off_{$piece->right->kind->value}"), "$piece->id/right"),
        ];

        $width = self::width($piece, $clear, $setOff);
        $from = self::from($piece, $left->x, $right->x, $width->value);

        return new Box(
            $left, $right, $clear, $width,
            Figure::of($piece->height, Text::of('piece.height_chosen'), "$piece->id/height")
                ->minus($plinth, Text::of('piece.plinth'))->named(Text::of('fit.carcass_height')),
            Figure::of($piece->depth, Text::of('piece.depth_chosen'), "$piece->id/depth"),
            $from, $bottom, $floor, $setOff,
            $bounds->rear($bottom, $top, $from, $from->plus($width->value))->plus($piece->meeting(EdgeName::Back)->setOff ?? Length::zero()),
            SlopeLimit::of($piece, $room, $from, $from->plus($width->value)),
            Studs::places($room->space->build, $room->sizes->width),
        );
    }

    /** x where a carcass begins: its set-off from the left bound, or where a piece of chosen width stands. */
    private static function from(Piece $piece, Length $left, Length $right, Length $width): Length
    {
        $at = $piece->stand->at ?? Length::zero();

        return match ($piece->width === null ? null : $piece->stand?->from) {
            StandFrom::Left => $left->plus(Length::greatest($at, $piece->left->setOff)),
            StandFrom::Right => $right->minus(Length::greatest($at, $piece->right->setOff))->minus($width),
            StandFrom::Middle => $left->plus($right->minus($left)->minus($width)->half())->plus($at),
            default => $left->plus($piece->left->setOff),
        };
    }

    private static function clear(WallPoint $left, WallPoint $right): Figure
    {
        $why = fn (string $key, WallPoint $p): Text => match (true) {
            $p->thing !== null => Text::of("{$key}_thing", z: $p->z, thing: $p->thing),
            $p->y !== null => Text::of("{$key}_deep", z: $p->z, y: $p->y),
            default => Text::of($key, z: $p->z),
        };
        $greatest = $why('fit.greatest_left', $left);

        return Figure::of($right->x, $why('fit.least_right', $right), $right->reading, $right->exact)
            ->minus(Figure::of($left->x, $greatest, $left->reading, $left->exact), $greatest, $left->reading)
            ->named(Text::of('fit.plumb_clear'));
    }

    /** @param  array{left: Figure, right: Figure}  $setOff */
    private static function width(Piece $piece, Figure $clear, array $setOff): Figure
    {
        if ($piece->width !== null) {
            return Figure::of($piece->width, Text::of('piece.width_chosen'), "$piece->id/width");
        }

        return $clear
            ->minus($setOff['left'], Text::of("fit.set_off_{$piece->left->kind->value}_left"), "$piece->id/left")
            ->minus($setOff['right'], Text::of("fit.set_off_{$piece->right->kind->value}_right"), "$piece->id/right")
            ->named(Text::of('fit.carcass_width'));
    }
}
