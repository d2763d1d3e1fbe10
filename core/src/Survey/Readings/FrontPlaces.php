<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\LowEnd;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Rise;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\RoomOutline;
use Incastro\Core\Survey\Surface;

/** Tapes as seen from the room. */
final readonly class FrontPlaces
{
    public function __construct(private RoomOutline $o)
    {
    }

    public function side(Reading $r): Side
    {
        return $r->on() === Face::Right ? Side::Right : Side::Left;
    }

    public function wall(Side $side, Length $z): Point
    {
        return new Point($this->o->wallAt($side, $z), $z);
    }

    public function foot(Side $side): Point
    {
        return $this->wall($side, $this->o->room->floor[$side->value]);
    }

    public function head(Side $side): Point
    {
        return $this->wall($side, $this->o->headAt($side));
    }

    /** @return array{Point, Point} a hand's breadth in from the side, or where it says */
    public function height(Reading $r): array
    {
        $hand = Length::fromMillimetres(RoomOutline::HAND_MM);
        $depth = $this->o->room->sizes->depth;
        if ($r->x !== null) {
            return [new Point($r->x, Length::zero()), new Point($r->x, $this->o->overhead->at($r->x, $depth))];
        }
        $side = $r->side ?? Side::Left;
        $foot = $this->foot($side);
        $x = $side->inward($foot->across, $hand);
        $under = $side->inward($side === Side::Left ? Length::zero() : $this->o->width, $hand);
        $head = $this->o->room->space->slope === null ? $this->o->headAt($side) : $this->o->overhead->at($under, $depth);

        return [new Point($x, $foot->up), new Point($x, $head)];
    }

    /** @return array{Point, Point} a short stroke at the place, so long as to be seen */
    public function gap(Reading $r): array
    {
        $hand = Length::fromMillimetres(RoomOutline::HAND_MM);
        if ($r->on()->isSide()) {
            $wall = $this->wall($this->side($r), $r->z);

            return [$wall, new Point($this->side($r)->inward($wall->across, $hand), $r->z)];
        }
        $x = $r->x ?? Length::zero();
        $z = $r->on() === Face::Floor ? Length::zero() : $this->o->overhead->at($x, $this->o->room->sizes->depth);

        return [new Point($x, $z), new Point($x, $r->on() === Face::Floor ? $z->plus($hand) : $z->minus($hand))];
    }

    public function at(Surface $surface, Length $z): Point
    {
        return new Point($this->o->at($surface, $this->o->room->sizes->depth, $z), $z);
    }

    /** @return array{Point, Point} */
    public function mouthHeight(Reading $r): array
    {
        $side = $r->side ?? Side::Left;
        $x = $side->inward($this->at(Surface::jamb($side), Length::zero())->across, Length::fromMillimetres(RoomOutline::HAND_MM));

        return [new Point($x, Length::zero()), new Point($x, $this->o->at(Surface::MouthHead, $this->o->room->sizes->x($r), $this->o->room->sizes->depth))];
    }

    /** @return array{Point, Point} */
    public function flank(Reading $r): array
    {
        $side = $r->side ?? Side::Left;
        $ends = [$this->wall($side, $r->z), $this->at(Surface::cheek($side), $r->z)];

        return $side === Side::Left ? $ends : [$ends[1], $ends[0]];
    }

    private function low(): Length
    {
        return $this->o->room->space->slope?->low === LowEnd::Right ? $this->o->width : Length::zero();
    }

    /** @return array{Point, Point} */
    public function knee(): array
    {
        $hand = Length::fromMillimetres(RoomOutline::HAND_MM);
        $x = $this->low()->isZero() ? $hand : $this->low()->minus($hand);

        return [new Point($x, Length::zero()), new Point($x, $this->o->overhead->at($this->low(), $this->o->room->sizes->depth))];
    }

    /** @return array{Point, Point} */
    public function slopeStart(Reading $r): array
    {
        $run = $r->value() ?? Length::ofUnits(intdiv($this->o->width->units, 2));
        $to = $this->low()->isZero() ? $run : $this->low()->minus($run);
        $z = $this->o->overhead->at($to, $this->o->room->sizes->depth)->minus(Length::fromMillimetres(RoomOutline::HAND_MM));

        return [new Point($this->low(), $z), new Point($to, $z)];
    }

    /** @return array{Point, Point} a level run under the slope and its rise, or the gauge on it */
    public function slope(Reading $r): array
    {
        $run = $r->run ?? Length::ofUnits(intdiv($this->o->width->units, 4));
        $from = $r->x ?? Length::ofUnits(intdiv($this->o->width->units - $run->units, 2));
        $y = $this->o->room->sizes->depth;

        return [
            new Point($from, $this->o->overhead->at($from, $y)),
            new Point($from->plus($run), $this->o->overhead->at($from->plus($run), $y)),
        ];
    }

    /** @return array{Point, Point} */
    public function step(Reading $r): array
    {
        $of = (string) $r->step;
        $shape = $this->o->room->shape;
        $pitch = Length::ofUnits(intdiv($this->o->width->units, 8));
        $at = $shape->knows(Surface::StepAt, $of) ? Clip::nearest($shape->at(Surface::StepAt, 0, 0, $of)) : $pitch->times($r->step ?? 1);
        $z = $shape->knows(Surface::Step, $of) ? Clip::nearest($shape->at(Surface::Step, 0, 0, $of))
            : $this->o->overhead->at($at, $this->o->room->sizes->depth);
        $in = Length::fromMillimetres(RoomOutline::HAND_MM);

        return $r->kind === ReadingKind::StepAt
            ? [new Point(Length::zero(), $z->minus($in)), new Point($at, $z->minus($in))]
            : [new Point($at->plus($in), Length::zero()), new Point($at->plus($in), $z)];
    }
}
