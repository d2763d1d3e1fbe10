<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\ReadingView;
use Incastro\Core\Survey\Surface;

/** Tapes as seen from the left: y to the right, up is up. */
final readonly class SideTapes
{
    private Length $middle;

    public function __construct(private Outline $o)
    {
        $this->middle = Length::ofUnits(intdiv($o->width->units, 2));
    }

    /** @return array{Point, Point}|null */
    public function of(Reading $r): ?array
    {
        if (ReadingView::of($r, $this->o->room->space) !== View::Side) {
            return null;
        }
        $zero = Length::zero();

        return match ($r->kind) {
            ReadingKind::Plumb => [$this->back($r->fromZ), $this->back($r->z)],
            ReadingKind::Level => $r->face === Face::Ceiling ? [$this->head($zero), $this->head($this->o->depth)] : [new Point($zero, $zero), new Point($this->o->depth, $zero)],
            ReadingKind::Height => $this->height($this->o->room->sizes->y($r)),
            ReadingKind::Knee => $this->height(Length::fromMillimetres($r->side === Side::Right ? 2 * Tapes::HAND_MM : Tapes::HAND_MM / 2)),
            ReadingKind::SlopeAngle => [$this->head(Length::ofUnits(intdiv($this->o->depth->units, 3))), $this->head(Length::ofUnits(intdiv($this->o->depth->units * 2, 3)))],
            ReadingKind::SlopeRise => [$this->head($r->y ?? $zero), $this->head(($r->y ?? $zero)->plus($r->run ?? $zero))],
            ReadingKind::SlopeStart => $this->start($r),
            ReadingKind::Gap => $this->gap($r),
            default => null,
        };
    }

    private function back(Length $z): Point
    {
        return new Point($this->o->at(Surface::Back, $this->middle, $z), $z);
    }

    private function head(Length $y): Point
    {
        return new Point($y, $this->o->overhead->at($this->middle, $y));
    }

    /** @return array{Point, Point} */
    private function height(Length $y): array
    {
        return [new Point($y, Length::zero()), $this->head($y)];
    }

    /** @return array{Point, Point} */
    private function start(Reading $r): array
    {
        $y = $r->value() ?? Length::ofUnits(intdiv($this->o->depth->units * 2, 3));
        $z = $this->head($y)->up->minus(Length::fromMillimetres(Tapes::HAND_MM));

        return [new Point(Length::zero(), $z), new Point($y, $z)];
    }

    /** @return array{Point, Point} */
    private function gap(Reading $r): array
    {
        $hand = Length::fromMillimetres(Tapes::HAND_MM);
        if ($r->on() === Face::Back) {
            $wall = $this->back($r->z);

            return [$wall, new Point($wall->across->plus($hand), $r->z)];
        }
        $y = $this->o->room->sizes->y($r);
        $z = $r->on() === Face::Floor ? Length::zero() : $this->head($y)->up;

        return [new Point($y, $z), new Point($y, $r->on() === Face::Floor ? $z->plus($hand) : $z->minus($hand))];
    }
}
