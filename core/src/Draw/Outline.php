<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Document\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Room;

/**
 * The front outline of a space for drawing. Where nobody has measured yet it takes a usual size
 * (1 000 wide, 2 400 high, 350 deep), so that there is something to point the tape at.
 */
final readonly class Outline
{
    public const WALL_MM = 120;

    public Length $height;

    public Length $width;

    public Length $depth;

    public function __construct(public Room $room, Length $atLeast)
    {
        $usual = Length::greatest(Length::fromMillimetres(2400), $atLeast);
        $this->height = $room->ceiling === [] ? $usual : Length::greatest(...array_values($room->ceiling));
        $this->width = $room->isMeasured()
            ? Length::greatest(...array_map(fn ($p): Length => $p->x, $room->wall(Side::Right, Plane::Front)))
            : Length::fromMillimetres(1000);
        $this->depth = $room->leastDepth() ?? Length::fromMillimetres(350);
    }

    /** @return list<Point> the void, anticlockwise from the left foot */
    public function room(): array
    {
        $left = $this->side(Side::Left);
        $right = $this->side(Side::Right);

        return [...array_reverse($left), ...$right];
    }

    /** @return list<Point> from foot to head */
    public function side(Side $side): array
    {
        $head = $this->room->ceiling[$side->value] ?? $this->height;
        $foot = $this->room->floor[$side->value];
        $between = array_filter(
            $this->room->stations(),
            fn (Length $z): bool => $z->isGreaterThan($foot) && $z->isLessThan($head),
        );

        return array_map(
            fn (Length $z): Point => new Point($this->wallAt($side, $z), $z),
            [$foot, ...array_values($between), $head],
        );
    }

    public function wallAt(Side $side, Length $z): Length
    {
        if ($this->room->isMeasured()) {
            return $this->room->wallAt($side, $z, Plane::Front)->x;
        }

        return $side === Side::Left ? Length::zero() : $this->width;
    }

    public function isLeanKnown(Side $side): bool
    {
        foreach ($this->room->space->taken(ReadingKind::Plumb) as $plumb) {
            if ($plumb->side === $side) {
                return true;
            }
        }

        return false;
    }
}
