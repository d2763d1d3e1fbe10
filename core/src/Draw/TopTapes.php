<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\ReadingView;
use Incastro\Core\Survey\Surface;

/** Tapes as seen from above: y runs down the page. */
final readonly class TopTapes
{
    public function __construct(private Outline $o)
    {
    }

    /** @return array{Point, Point}|null */
    public function of(Reading $r): ?array
    {
        if (ReadingView::of($r, $this->o->room->space) !== View::Top) {
            return null;
        }
        $side = $r->side ?? Side::Left;

        return match ($r->kind) {
            ReadingKind::Depth => $this->depth($r),
            ReadingKind::Diagonal => [$this->corner($side, Length::zero()), $this->corner($side->other(), Ground::front($this->o, $side->other()))],
            ReadingKind::ThreeFourFive => $this->across($r, $side),
            ReadingKind::CornerAngle => $this->corners($side),
            ReadingKind::Return_ => $this->return($side),
            ReadingKind::MouthDepth => $this->mouthDepth(),
            ReadingKind::BreastDepth => $this->breastDepth($side),
            ReadingKind::Flank => [$this->corner($side, Length::zero()), new Point($this->jut(Surface::cheek($side)), Length::zero())],
            ReadingKind::Gap => $this->gap($r),
            default => null,
        };
    }

    private function corner(Side $side, Length $y): Point
    {
        return new Point(Ground::wall($this->o, $side, $y), $y->negated());
    }

    /** Where a side stands if it is square. */
    private function end(Side $side): Length
    {
        return $side === Side::Left ? Length::zero() : $this->o->width;
    }

    /** @return array{Point, Point} */
    private function depth(Reading $r): array
    {
        $in = Length::fromMillimetres(Tapes::HAND_MM);
        $side = $r->side ?? Side::Left;
        $x = $r->x ?? $side->inward($this->end($side), $in);

        return [new Point($x, Length::zero()), new Point($x, Ground::front($this->o, $side)->negated())];
    }

    /** @return array{Point, Point} */
    private function across(Reading $r, Side $side): array
    {
        $x = $side->inward($this->end($side), $r->alongBack ?? Length::zero());

        return [new Point($x, Length::zero()), $this->corner($side, $r->alongSide ?? Length::zero())];
    }

    /** @return array{Point, Point} a short stroke across the corner */
    private function corners(Side $side): array
    {
        $hand = Length::fromMillimetres(2 * Tapes::HAND_MM);
        $corner = $this->corner($side, Length::zero());

        return [new Point($side->inward($corner->across, $hand), $corner->up), $this->corner($side, $hand)];
    }

    private function jut(Surface $surface): Length
    {
        return $this->o->at($surface, $this->o->room->sizes->depth, $this->o->room->sizes->lowest());
    }

    /** @return array{Point, Point} */
    private function return(Side $side): array
    {
        $y = $this->o->depth->minus(Length::fromMillimetres(Tapes::HAND_MM));

        return [$this->corner($side, $y), new Point($this->jut(Surface::jamb($side)), $y->negated())];
    }

    /** @return array{Point, Point} */
    private function mouthDepth(): array
    {
        $x = $this->jut(Surface::MouthLeft);

        return [new Point($x, $this->o->depth->negated()), new Point($x, Ground::mouthFace($this->o)->negated())];
    }

    /** @return array{Point, Point} */
    private function breastDepth(Side $side): array
    {
        $x = $this->jut(Surface::cheek($side));
        $z = $this->o->room->sizes->lowest();

        return [new Point($x, Length::zero()), new Point($x, $this->o->at(Surface::BreastFront, $x, $z)->negated())];
    }

    /** @return array{Point, Point} */
    private function gap(Reading $r): array
    {
        $hand = Length::fromMillimetres(Tapes::HAND_MM);
        if ($r->on() === Face::Back) {
            $x = $r->x ?? Length::zero();

            return [new Point($x, Length::zero()), new Point($x, $hand->negated())];
        }
        $side = $r->on() === Face::Right ? Side::Right : Side::Left;
        $corner = $this->corner($side, $r->y ?? ($r->plane === Plane::Back ? Length::zero() : $this->o->depth));

        return [$corner, new Point($side->inward($corner->across, $hand), $corner->up)];
    }
}
