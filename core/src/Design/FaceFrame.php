<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Stiles, rails and mullions before a case. Stiles run through, flush with the case outside; rails between bands lie with
 * their top edge level with the board's. Fit lengthens a stile past the case where it is extended to a wall.
 */
final readonly class FaceFrame
{
    private Maker $maker;

    private FrameWidths $widths;

    public function __construct(private Bench $bench, private CaseSpec $case)
    {
        $this->maker = Maker::at($bench, $case->board);
        $this->widths = new FrameWidths;
    }

    public function make(): void
    {
        $case = $this->case;
        $id = $case->id();
        $stile = $this->widths->stile;
        $least = $this->widths->topRail->plus($this->widths->rail)->plus($this->widths->stile);
        if (! $this->hasRoomForRails() || $case->z->value()->isLessThan($least) || $case->x->value()->isLessThan($stile->times(3))) {
            $this->bench->find(Finding::ofPiece('piece.frame_small', Severity::Stop, $id, Text::of('piece.frame_small'))->measuring($case->z->value(), $least));

            return;
        }
        $why = Text::of('piece.stile_face');
        $left = $this->stile(Side::Left, $case->x->first($stile, $why));
        $right = $this->stile(Side::Right, $case->x->last($stile, $why));
        $between = new Span($case->x->from->plus($stile), $case->x->size->minus($stile->times(2), Text::of('piece.two_stiles', each: $stile)));
        $foot = $case->z->from;
        $rail = fn (string $name, Length $z, Length $width): Panel => $this->rail(new Named("$id:$name", Role::Rail, $case->name(Text::of("part.$name"))),
            $between, Span::of($z, $width, Text::of('piece.rail_face')), [$left, $right]);
        $bottom = $rail('rail_bottom', $foot, $this->widths->rail);
        $z = $foot->plus($this->widths->rail);
        $below = $bottom;
        foreach ($case->rows as $i => $row) {
            $head = $case->heads[$i];
            $isLast = $i === count($case->rows) - 1;
            $above = $isLast ? $rail('rail_top', $case->z->to()->minus($this->widths->topRail), $this->widths->topRail)
                : $this->rail(new Named("{$row->band->id}:rail", Role::Rail, $case->name(Text::of('part.rail_between', n: $i + 1))), $between,
                    Span::of($head->plus($case->board->thickness)->minus($this->widths->rail), $this->widths->rail, Text::of('piece.rail_face')),
                    [$left, $right]);
            $this->mullions($row, Span::of($z, $above->block->corner->z->minus($z), Text::of('piece.between_rails')), [$below, $above]);
            [$z, $below] = [$above->block->corner->z->plus($above->block->size->z), $above];
        }
    }

    /** Each rail between two bands lies over the one below it, and the last one under the top rail. */
    private function hasRoomForRails(): bool
    {
        $top = $this->case->z->from->plus($this->widths->rail);
        foreach (array_slice($this->case->heads, 0, -1) as $head) {
            $next = $head->plus($this->case->board->thickness);
            if ($next->minus($this->widths->rail)->isLessThan($top)) {
                return false;
            }
            $top = $next;
        }

        return ! $top->plus($this->widths->rail)->isGreaterThan($this->case->z->to()->minus($this->widths->topRail));
    }

    private function stile(Side $side, Span $x): Panel
    {
        $case = $this->case;
        $panel = $this->maker->hung($side)->face(new Named("{$case->id()}:stile_{$side->value}", Role::Stile,
            $case->name(Text::of("part.stile_{$side->value}"))), $x, $case->front(), $case->z);
        $this->bench->join($panel->id, "{$case->id()}:side_{$side->value}", JointKind::Faced, Axis::Y);

        return $panel;
    }

    /** @param  list<Panel>  $stiles */
    private function rail(Named $named, Span $x, Span $z, array $stiles): Panel
    {
        $rail = $this->maker->strip($named, $x, $this->case->front(), $z);
        foreach ($stiles as $stile) {
            $this->bench->join($rail->id, $stile->id, JointKind::PocketScrews, Axis::X);
        }

        return $rail;
    }

    /** @param  array{Panel, Panel}  $rails below and above */
    private function mullions(Row $row, Span $z, array $rails): void
    {
        $overhang = $this->widths->stile->minus($this->case->board->thickness)->half();
        $n = 0;
        $taken = $this->case->x->from->plus($this->widths->stile);
        $end = $this->case->x->to()->minus($this->widths->stile);
        foreach (array_slice(array_keys($row->band->bays), 0, -1) as $bay) {
            $n++;
            $opening = $this->bench->cells[$bay] ?? null;
            if ($opening === null) {
                continue;
            }
            $from = $opening->x->to()->minus($overhang);
            // No room beside the member before it: that its bay has no mouth is said where the bay is made.
            if ($from->isLessThan($taken) || $from->plus($this->widths->stile)->isGreaterThan($end)) {
                continue;
            }
            $taken = $from->plus($this->widths->stile);
            $height = count($this->case->rows) === 1 ? $this->single($z) : $z;
            $panel = $this->maker->face(new Named("$bay:mullion", Role::Mullion, $this->case->name(Text::of('part.mullion', n: $n), $row->label)),
                Span::of($from, $this->widths->stile, Text::of('piece.stile_face')), $this->case->front(), $height);
            foreach ($rails as $rail) {
                $this->bench->join($panel->id, $rail->id, JointKind::PocketScrews, Axis::Z);
            }
        }
    }

    private function single(Span $z): Span
    {
        $height = $this->case->z->size;

        return new Span($z->from, Figure::of($height->value, Text::of('fit.carcass_height'), null, $height->exact)
            ->minus($this->widths->topRail, Text::of('part.rail_top'))->minus($this->widths->rail, Text::of('part.rail_bottom')));
    }
}
