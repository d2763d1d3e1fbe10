<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\GroundPlan;
use Incastro\Core\Survey\RoomOutline;
use Incastro\Core\Survey\Surface;

/** Tapes as seen from above: y runs down the page. */
final readonly class TopPlaces
{
    public function __construct(private RoomOutline $o)
    {
    }

    public function corner(Side $side, Length $y): Point
    {
        return new Point(GroundPlan::wall($this->o, $side, $y), $y->negated());
    }

    /** Where a side stands if it is square. */
    private function end(Side $side): Length
    {
        return $side === Side::Left ? Length::zero() : $this->o->width;
    }

    /** @return array{Point, Point} */
    public function depth(Reading $r): array
    {
        $in = Length::fromMillimetres(RoomOutline::HAND_MM);
        $side = $r->side ?? Side::Left;
        $x = $r->x ?? $side->inward($this->end($side), $in);

        return [new Point($x, Length::zero()), new Point($x, GroundPlan::front($this->o, $side)->negated())];
    }

    /** @return array{Point, Point} */
    public function across(Reading $r, Side $side): array
    {
        $x = $side->inward($this->end($side), $r->alongBack ?? Length::zero());

        return [new Point($x, Length::zero()), $this->corner($side, $r->alongSide ?? Length::zero())];
    }

    /** @return array{Point, Point} a short stroke across the corner */
    public function corners(Side $side): array
    {
        $hand = Length::fromMillimetres(2 * RoomOutline::HAND_MM);
        $corner = $this->corner($side, Length::zero());

        return [new Point($side->inward($corner->across, $hand), $corner->up), $this->corner($side, $hand)];
    }

    private function jut(Surface $surface): Length
    {
        return $this->o->at($surface, $this->o->room->sizes->depth, $this->o->room->sizes->lowest());
    }

    /** @return array{Point, Point} */
    public function return(Side $side): array
    {
        $y = $this->o->depth->minus(Length::fromMillimetres(RoomOutline::HAND_MM));

        return [$this->corner($side, $y), new Point($this->jut(Surface::jamb($side)), $y->negated())];
    }

    /** @return array{Point, Point} */
    public function mouthDepth(): array
    {
        $x = $this->jut(Surface::MouthLeft);

        return [new Point($x, $this->o->depth->negated()), new Point($x, GroundPlan::mouthFace($this->o)->negated())];
    }

    /** @return array{Point, Point} */
    public function breastDepth(Side $side): array
    {
        $x = $this->jut(Surface::cheek($side));
        $z = $this->o->room->sizes->lowest();

        return [new Point($x, Length::zero()), new Point($x, $this->o->at(Surface::BreastFront, $x, $z)->negated())];
    }

    /** @return array{Point, Point} */
    public function flank(Side $side): array
    {
        return [$this->corner($side, Length::zero()), new Point($this->jut(Surface::cheek($side)), Length::zero())];
    }

    /** @return array{Point, Point} */
    public function gap(Reading $r): array
    {
        $hand = Length::fromMillimetres(RoomOutline::HAND_MM);
        if ($r->on() === Face::Back) {
            $x = $r->x ?? Length::zero();

            return [new Point($x, Length::zero()), new Point($x, $hand->negated())];
        }
        $side = $r->on() === Face::Right ? Side::Right : Side::Left;
        $corner = $this->corner($side, $r->y ?? ($r->plane === Plane::Back ? Length::zero() : $this->o->depth));

        return [$corner, new Point($side->inward($corner->across, $hand), $corner->up)];
    }
}
