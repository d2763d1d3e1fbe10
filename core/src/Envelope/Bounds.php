<?php

declare(strict_types=1);

namespace Incastro\Core\Envelope;

use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\StandFrom;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Survey\WallPoint;

/** What bounds a piece to its left and right: the sides of the space, or the cheeks of a breast. */
final readonly class Bounds
{
    public ?StandFrom $from;

    public function __construct(Piece $piece, private Room $room)
    {
        $this->from = $room->space->kind->hasBreast() ? $piece->stand?->from : null;
    }

    /** The side of the space itself, not a cheek. */
    public function isWall(Side $side): bool
    {
        return $this->cheek($side) === null;
    }

    public function at(Side $side, Length $z, Plane $plane): WallPoint
    {
        $cheek = $this->cheek($side);
        if ($cheek === null) {
            return $this->room->wallAt($side, $z, $plane);
        }
        $y = $plane === Plane::Front ? $this->breastOut() : Length::zero();

        return new WallPoint($z, $plane, Clip::wall($this->room->shape->at($cheek, $y->units, $z->units) * Length::PER_MM, $side), false, null);
    }

    /** Something was read of the wall behind the piece, which is not a breast. */
    public function knowsBack(): bool
    {
        return $this->from !== StandFrom::Breast && $this->room->shape->knows(Surface::Back);
    }

    /** How far what is behind a piece stands out at most, from one end of it to the other: the back wall, or a breast it stands before. */
    public function rear(Length $bottom, Length $top, Length $from, Length $to): Length
    {
        if ($this->from !== StandFrom::Breast) {
            return $this->backOut($bottom, $top, $from, $to);
        }
        $out = [];
        foreach ([$bottom, $top] as $z) {
            foreach ([Surface::BreastLeft, Surface::BreastRight] as $cheek) {
                $x = $this->room->shape->at($cheek, $this->breastOut()->units, $z->units) * Length::PER_MM;
                $out[] = Clip::up($this->room->shape->at(Surface::BreastFront, $x, $z->units));
            }
        }

        return Length::greatest(...$out);
    }

    private function backOut(Length $bottom, Length $top, Length $from, Length $to): Length
    {
        $out = [0.0];
        $across = Strips::over($from, $to);
        foreach ($this->knowsBack() ? Strips::over($bottom, $top) : [] as $z) {
            foreach ($across as $x) {
                $out[] = $this->room->shape->at(Surface::Back, $x, $z);
            }
        }

        return Clip::up(max($out));
    }

    /** Which cheek stands in a side's place. Before the breast its left cheek is the left bound, beside it the right one. */
    private function cheek(Side $side): ?Surface
    {
        return match (true) {
            $this->from === StandFrom::Breast => Surface::cheek($side),
            $this->from === StandFrom::LeftFlank && $side === Side::Right => Surface::BreastLeft,
            $this->from === StandFrom::RightFlank && $side === Side::Left => Surface::BreastRight,
            default => null,
        };
    }

    private function breastOut(): Length
    {
        $middle = intdiv($this->room->sizes->width->units, 2);

        return Clip::nearest($this->room->shape->at(Surface::BreastFront, $middle, $this->room->sizes->lowest()->units));
    }
}
