<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Design\Fills\SeatBack;
use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\Front;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Slabs over boxes: worktops, seats, bed decks, whole or as lids over the bays; cushions that lie on them; crowns. */
final readonly class Slabs
{
    private const HINGE_STRIP_MM = 60;

    private const LID_GAP_MM = 2;

    public function __construct(private Bench $bench, private Stuff $stuff, private RunFrame $frame)
    {
    }

    /** @param  CaseSpec|null  $below  what it lies on */
    /** @param  Band|null  $above  what stands on it stays when a lid opens */
    public function slab(Band $band, Length $z, ?CaseSpec $below, ?Band $above): void
    {
        $board = $this->stuff->board($band);
        $depth = $band->depth ?? $this->frame->depth->value;
        $y = Span::of($this->frame->rear, $depth, Text::of($band->depth === null ? 'piece.depth_chosen' : 'piece.band_depth'));
        $y = $band->overhang->isZero() ? $y : new Span($y->from, $y->size->plus($band->overhang, Text::of('piece.overhang')));
        for ($layer = 0; $layer < $band->layers; $layer++) {
            $at = $z->plus($board->thickness->times($layer));
            if ($band->lids && $below !== null && $layer === $band->layers - 1) {
                $this->lids(new SlabLayer($band, $layer, $y, $at), $below, $this->strip($board, $above));
            } else {
                $this->layer(new SlabLayer($band, $layer, $y, $at), $below);
            }
        }
        if ($band->cushion !== null) {
            $this->cushions($band, $y, $below);
        }
    }

    /** In as many lengths as the sheet asks. */
    private function layer(SlabLayer $layer, ?CaseSpec $below): void
    {
        $band = $layer->band;
        $board = $this->stuff->board($band);
        $cuts = $below === null ? [] : $this->cuts($below);
        foreach (Lengths::of($this->frame->x, $cuts, $board->longest()) as $n => $x) {
            $id = "{$band->id}:slab".($layer->index === 0 ? '' : '_'.($layer->index + 1)).($n === 0 ? '' : '_part_'.($n + 1));
            $name = Text::of("part.{$band->kind->value}");
            $name = $band->layers > 1 ? Text::of('part.layer', part: $name, n: $layer->index + 1) : $name;
            $panel = Maker::at($this->bench, $board)->belongingTo(new Belongs($band->id))
                ->banded($band->methods->front === Front::Banded ? ['front'] : [])
                ->level(new Named($id, Role::Slab, $n === 0 ? $name : Text::of('part.length', part: $name, n: $n + 1)), $x, $layer->y, $layer->z);
            if ($below !== null && $layer->index === 0) {
                $this->rests($panel->id, $below);
            }
        }
    }

    private function rests(string $slab, CaseSpec $below): void
    {
        $on = $this->bench->panels[$slab];
        foreach (['top', 'top_rail_rear', 'side_left', 'side_right', 'top_rail_front'] as $part) {
            $panel = $this->bench->panels["{$below->id()}:$part"] ?? null;
            if ($panel !== null && Contact::gap(Axis::Z, $on, $panel)->isZero()
                && Contact::gap(Axis::X, $on, $panel)->isNegative() && Contact::gap(Axis::Y, $on, $panel)->isNegative()) {
                $this->bench->join($slab, $panel->id, JointKind::Screws, Axis::Z);

                return;
            }
        }
    }

    /** How deep the strip is that the lids hang on: a back to lean on stands on it. */
    private function strip(Board $board, ?Band $above): Length
    {
        $backs = array_filter($above->bays ?? [], fn (Bay $b): bool => $b->fill->kind === FillKind::SeatBack);
        $deep = array_map(fn (Bay $b): Length => SeatBack::foot($b->fill, $board->thickness), array_values($backs));

        return Length::greatest(Length::fromMillimetres(self::HINGE_STRIP_MM), ...$deep);
    }

    /** A fixed strip at the rear for the hinges, and a lid over each bay. */
    private function lids(SlabLayer $layer, CaseSpec $below, Length $strip): void
    {
        [$band, $y, $z] = [$layer->band, $layer->y, $layer->z];
        $board = $this->stuff->board($band);
        $gap = Length::fromMillimetres(self::LID_GAP_MM);
        $maker = Maker::at($this->bench, $board)->belongingTo(new Belongs($band->id));
        $maker->level(new Named("{$band->id}:hinge_strip", Role::Slab, Text::of('part.hinge_strip')),
            $this->frame->x, $y->first($strip, Text::of('piece.hinge_strip')), $z);
        $this->rests("{$band->id}:hinge_strip", $below);
        $at = $y->afterFirst($strip->plus($gap), Text::of('piece.behind_lid', strip: $strip, gap: $gap));
        $from = $this->frame->x->from;
        $cuts = [...$this->cuts($below), $this->frame->x->to()];
        $bays = array_keys($below->rows[count($below->rows) - 1]->band->bays);
        foreach ($cuts as $i => $to) {
            $isLast = $i === count($cuts) - 1;
            $span = Span::of($from, $to->minus($from), Text::of('piece.over_bay'));
            $span = $isLast ? $span : $span->beforeLast($gap, Text::of('piece.lid_gap'));
            $id = "$band->id:lid_".($bays[$i] ?? $i);
            $maker->banded(['front'])->closing($bays[$i] ?? null)
                ->level(new Named($id, Role::Lid, Text::of('part.lid', n: $i + 1)), $span, $at, $z);
            $this->bench->clear($id, "{$band->id}:hinge_strip", Axis::Y, $gap);
            $this->bench->need($id, Text::of('hardware.lid_hinge'), $span->value()->isGreaterThan(Length::fromMillimetres(900)) ? 3 : 2);
            $this->bench->need($id, Text::of('hardware.lid_stay'), 1);
            $from = $to;
        }
    }

    /** Foam a little over the lid it lies on, and the cloth that goes round it with 20 mm to sew. */
    private function cushions(Band $band, Span $y, ?CaseSpec $below): void
    {
        $thick = $band->cushion ?? Length::zero();
        $cuts = $band->lids && $below !== null ? [...$this->cuts($below), $this->frame->x->to()] : [$this->frame->x->to()];
        $from = $this->frame->x->from;
        foreach ($cuts as $i => $to) {
            $width = $to->minus($from);
            $seam = Length::fromMillimetres(20)->times(2);
            $this->bench->need($band->id, Text::of('hardware.foam', n: $i + 1, w: $width, d: $y->value(), h: $thick), 1);
            $this->bench->need($band->id,
                Text::of('hardware.cloth', n: $i + 1, w: $width->plus($thick->times(2))->plus($seam), d: $y->value()->plus($thick->times(2))->plus($seam)), 1);
            $from = $to;
        }
    }

    /** @return list<Length> the middles of the dividers that stand under it */
    private function cuts(CaseSpec $below): array
    {
        $cuts = [];
        $row = $below->rows[count($below->rows) - 1];
        foreach (array_slice(array_keys($row->band->bays), 0, -1) as $bay) {
            $cell = $this->bench->cells[$bay] ?? null;
            $cuts = $cell === null ? $cuts : [...$cuts, $cell->x->to()->plus($below->board->thickness->half())];
        }

        return $cuts;
    }

    public function crown(Band $band, Span $z, ?CaseSpec $below): void
    {
        $board = $this->stuff->board($band);
        $front = $below === null ? $this->frame->rear->plus($this->frame->depth->value) : $below->front();
        foreach (Lengths::of($this->frame->x, $below === null ? [] : $this->cuts($below), $board->longest()) as $n => $x) {
            $panel = Maker::at($this->bench, $board)->belongingTo(new Belongs($band->id))
                ->strip(new Named("{$band->id}:crown".($n === 0 ? '' : '_'.($n + 1)), Role::Crown,
                    $n === 0 ? Text::of('part.crown') : Text::of('part.length', part: Text::of('part.crown'), n: $n + 1)),
                    $x, $front->minus($board->thickness), $z);
            $this->bench->panels[$panel->id] = $panel->fittedOnSite();
        }
    }
}
