<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;

/**
 * The front outline of a space for drawing. Where nobody has measured yet it takes a usual size, so that there is
 * something to point the tape at.
 */
final readonly class RoomOutline
{
    public const WALL_MM = 120;

    /** How far a tape stands in from a wall, and how long a mark at one place is drawn. */
    public const HAND_MM = 90;

    public Length $height;

    public Length $width;

    public Length $depth;

    public OverheadLine $overhead;

    public function __construct(public Room $room, Length $atLeast)
    {
        $this->overhead = new OverheadLine($room, $atLeast);
        $this->width = $room->isMeasured()
            ? Length::greatest(...array_map(fn ($p): Length => $p->x, $room->wall(Side::Right, Plane::Front)))
            : $room->sizes->width;
        $this->height = $this->overhead->highest($this->width, $room->sizes->depth);
        $this->depth = $room->leastDepth() ?? Length::fromMillimetres($room->space->kind->usualSize()[2]);
    }

    /** @return list<Point> the void, anticlockwise from the left foot */
    public function room(): array
    {
        $left = $this->side(Side::Left);
        $right = $this->side(Side::Right);
        $between = $this->overhead->alongRun($left[count($left) - 1]->across, $right[count($right) - 1]->across, $this->room->sizes->depth);

        return [$left[0], ...$right, ...array_reverse($between), ...array_reverse(array_slice($left, 1))];
    }

    /** @return list<Point> from foot to head */
    public function side(Side $side): array
    {
        $foot = $this->room->floor[$side->value];
        $head = Length::greatest($this->headAt($side), $foot);
        $between = array_filter(
            $this->room->stations(),
            fn (Length $z): bool => $z->isGreaterThan($foot) && $z->isLessThan($head),
        );

        return array_map(
            fn (Length $z): Point => new Point($this->wallAt($side, $z), $z),
            [$foot, ...array_values($between), $head],
        );
    }

    /** What is overhead at a side, at the front. */
    public function headAt(Side $side): Length
    {
        if ($this->room->space->slope === null && isset($this->room->ceiling[$side->value])) {
            return $this->room->ceiling[$side->value];
        }
        $x = $side === Side::Left ? Length::zero() : $this->width;

        return $this->overhead->at($x, $this->room->sizes->depth);
    }

    public function wallAt(Side $side, Length $z): Length
    {
        if ($this->room->isMeasured()) {
            return $this->room->wallAt($side, $z, Plane::Front)->x;
        }

        return $side === Side::Left ? Length::zero() : $this->width;
    }

    /** A surface at a place, rounded to a tenth for drawing. */
    public function at(Surface $surface, Length $a, Length $b, string $of = ''): Length
    {
        return Clip::nearest($this->room->shape->at($surface, $a->units, $b->units, $of));
    }

    public function slopesAlong(Along $along): bool
    {
        return $this->room->space->slope?->along === $along;
    }

    public function isLeanKnown(Side $side): bool
    {
        foreach ($this->room->space->taken(ReadingKind::Plumb) as $plumb) {
            if ($plumb->on()->value === $side->value) {
                return true;
            }
        }

        return false;
    }
}
