<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** The stacks of a piece along its three axes (fieldbook §11): what fronts, trim and ceilings are flush with, or not. */
final readonly class Stacks
{
    public function __construct(private Spot $spot, private Design $design)
    {
    }

    /**
     * @param  array<string, EdgeFit>  $edges
     * @param  list<Support>  $supports
     * @return array{depth: Stack, height: Stack, width: Stack}
     */
    public function of(array $edges, array $supports): array
    {
        return ['depth' => $this->depth(), 'height' => $this->height($edges, $supports), 'width' => $this->width($edges)];
    }

    /** From the back wall to the line that fronts are to be flush with. */
    private function depth(): Stack
    {
        $air = $this->spot->piece->meeting(EdgeName::Back)->setOff ?? Length::zero();
        $carcass = $frame = $this->spot->box->rear;
        foreach ($this->design->fronts as $front) {
            $carcass = Length::greatest($carcass, $front->y);
            $frame = Length::greatest($frame, $front->depth());
        }
        $frame = Length::greatest($frame, $carcass);
        $fronts = Length::greatest($frame, ...array_map(fn (Panel $p): Length => $p->turned ? $frame : $p->block->corner->y->plus($p->block->size->y),
            array_values(array_filter($this->design->panels, fn (Panel $p): bool => $p->role->isFront()))));

        return Stack::of([
            [Text::of('stack.wall_bulges'), $this->spot->box->rear->minus($air)],
            [Text::of('stack.air_behind'), $air],
            [Text::of('stack.carcass'), $carcass->minus($this->spot->box->rear)],
            [Text::of('stack.frame'), $frame->minus($carcass)],
            [Text::of('stack.fronts'), $fronts->minus($frame)],
        ], $this->spot->room->leastDepth() === null ? null : Text::of('stack.front_line'), $this->spot->room->leastDepth());
    }

    /**
     * @param  array<string, EdgeFit>  $edges
     * @param  list<Support>  $supports
     */
    private function height(array $edges, array $supports): Stack
    {
        $packing = Length::greatest(Length::zero(), ...array_map(fn (Support $s): Length => Length::greatest($s->shimFront, $s->shimRear), $supports));
        $above = $edges['top'] ?? null;
        $layers = [
            [Text::of('stack.packing'), $packing],
            [Text::of('stack.hung'), $this->spot->piece->up()],
            [Text::of('piece.plinth'), $this->spot->box->bottom->minus($this->spot->box->floor)],
            [Text::of('stack.over_base'), $this->spot->box->height->value],
        ];
        $sum = array_reduce($layers, fn (Length $sum, array $l): Length => $sum->plus($l[1]), Length::zero());

        return Stack::of($layers, $above === null ? null : Text::of('stack.overhead'), $above === null ? null : $sum->plus($above->least()));
    }

    /** @param  array<string, EdgeFit>  $edges */
    private function width(array $edges): Stack
    {
        $gap = fn (Side $side): Length => $edges[$side->value]->least();

        return Stack::of([
            [Text::of('stack.left_gap'), $gap(Side::Left)],
            [Text::of('fit.carcass_width'), $this->spot->box->width->value],
            [Text::of('stack.right_gap'), $gap(Side::Right)],
        ], Text::of('fit.plumb_clear'), $this->spot->box->clear->value);
    }
}
