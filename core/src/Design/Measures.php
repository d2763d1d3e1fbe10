<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Band;
use Incastro\Core\Document\EdgeKind;
use Incastro\Core\Document\Front;
use Incastro\Core\Document\Material;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Side;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** The figures that every panel of a piece is derived from. */
final readonly class Measures
{
    public Length $thickness;

    public Length $backThickness;

    /** @param  array<string, Material>  $stock */
    public function __construct(public Piece $piece, public Box $box, array $stock)
    {
        $this->thickness = $stock[$piece->material]->thickness;
        $this->backThickness = $piece->methods->back
            ? $stock[$piece->backMaterial ?? $piece->material]->thickness
            : Length::zero();
    }

    /** Front to back of a side, divider or shelf: the depth chosen, less face frame and applied back. */
    public function carcassDepth(): Figure
    {
        $depth = $this->box->depth;
        if ($this->piece->methods->front === Front::FaceFrame) {
            $depth = $depth->minus($this->thickness, Text::of('piece.face_frame_thickness'));
        }
        if ($this->piece->methods->back) {
            $depth = $depth->minus($this->backThickness, Text::of('piece.back_thickness'));
        }

        return $depth->named(Text::of('piece.carcass_depth'));
    }

    /** A lip in front of the side meets the wall: on a scribed side, and for a stile where there is no face frame. */
    public function hasLip(Side $side): bool
    {
        $edge = $side === Side::Left ? $this->piece->left : $this->piece->right;

        return $edge->kind === EdgeKind::ScribedSide || ($edge->kind === EdgeKind::ExtendedStile && $this->isBanded());
    }

    /** The side gives up a board's thickness at its front to the lip. */
    public function sideDepth(Side $side): Figure
    {
        return $this->hasLip($side)
            ? $this->carcassDepth()->minus($this->thickness, Text::of('piece.lip_thickness'))
            : $this->carcassDepth();
    }

    public function innerWidth(): Figure
    {
        return $this->box->width->minus($this->thickness->times(2), Text::of('piece.two_sides', t: $this->thickness))
            ->named(Text::of('piece.between_sides'));
    }

    public function innerHeight(): Figure
    {
        return $this->box->height->minus($this->thickness->times(2), Text::of('piece.top_and_bottom', t: $this->thickness))
            ->named(Text::of('piece.inner_height'));
    }

    /**
     * Equal clear openings: (W − (n + 1)·t) / n.
     *
     * @return array<string, Figure> by bay, left to right
     */
    public function openings(Band $band): array
    {
        $n = count($band->bays);
        $boards = $n === 1
            ? Text::of('piece.two_sides', t: $this->thickness)
            : Text::of('piece.sides_and_dividers', dividers: $n - 1, t: $this->thickness);
        $clear = $this->box->width->minus($this->thickness->times($n + 1), $boards);
        $shares = $n === 1 ? [$clear] : $clear->sharedInto($n, Text::of('piece.bays'));

        return array_combine(
            array_keys($band->bays),
            array_map(fn (Figure $f): Figure => $f->named(Text::of('piece.clear_opening')), $shares),
        );
    }

    /** y of the carcass's rear edge: an applied back stands behind it. */
    public function rear(): Length
    {
        return $this->backThickness;
    }

    public function isBanded(): bool
    {
        return $this->piece->methods->front === Front::Banded;
    }

    /** @return list<string> */
    public function frontBand(): array
    {
        return $this->isBanded() ? ['front'] : [];
    }
}
