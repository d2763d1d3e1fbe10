<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\RoomOutline;
use Incastro\Core\Survey\Surface;

/** Tapes as seen from the left: y to the right, up is up. */
final readonly class SidePlaces
{
    private Length $middle;

    public function __construct(private RoomOutline $o)
    {
        $this->middle = Length::ofUnits(intdiv($o->width->units, 2));
    }

    public function back(Length $z): Point
    {
        return new Point($this->o->at(Surface::Back, $this->middle, $z), $z);
    }

    public function head(Length $y): Point
    {
        return new Point($y, $this->o->overhead->at($this->middle, $y));
    }

    /** @return array{Point, Point} */
    public function height(Length $y): array
    {
        return [new Point($y, Length::zero()), $this->head($y)];
    }

    /** @return array{Point, Point} */
    public function start(Reading $r): array
    {
        $y = $r->value() ?? Length::ofUnits(intdiv($this->o->depth->units * 2, 3));
        $z = $this->head($y)->up->minus(Length::fromMillimetres(RoomOutline::HAND_MM));

        return [new Point(Length::zero(), $z), new Point($y, $z)];
    }

    /** @return array{Point, Point} */
    public function gap(Reading $r): array
    {
        $hand = Length::fromMillimetres(RoomOutline::HAND_MM);
        if ($r->on() === Face::Back) {
            $wall = $this->back($r->z);

            return [$wall, new Point($wall->across->plus($hand), $r->z)];
        }
        $y = $this->o->room->sizes->y($r);
        $z = $r->on() === Face::Floor ? Length::zero() : $this->head($y)->up;

        return [new Point($y, $z), new Point($y, $r->on() === Face::Floor ? $z->plus($hand) : $z->minus($hand))];
    }
}
