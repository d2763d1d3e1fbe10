<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Design;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** The dimension lines of a piece: openings, carcass and clear width below it, shelf openings and heights beside its section. */
final readonly class PieceTapes
{
    public function __construct(private Piece $piece, private Design $design, private Fit $fit)
    {
    }

    public function widths(Drawing $drawing): void
    {
        $box = $this->fit->box;
        $at = fn (Length $x): Point => new Point($x, $box->bottom);
        [$left, $right] = [$this->fit->edge(Side::Left)->line()->gaps[0], $this->fit->edge(Side::Right)->line()->gaps[0]];
        $drawing->dimension(new Dimension('below', 1, $at($box->left->minus($left->gap)), $at($box->left)),
            $left->gap, $left->exact, "{$this->piece->id}/left");
        foreach ($this->lowestRow() as $bay => $cell) {
            $drawing->dimension(new Dimension('below', 1, $at($cell->x->from), $at($cell->x->to())), $cell->x->value(), $cell->x->size->exact, "$bay/opening");
        }
        $drawing->dimension(new Dimension('below', 1, $at($box->right()), $at($box->right()->plus($right->gap))),
            $right->gap, $right->exact, "{$this->piece->id}/right");
        $drawing->dimension(new Dimension('below', 2, $at($box->left), $at($box->right())),
            $box->width->value, $box->width->exact, "{$this->piece->id}/carcass_width");
        $drawing->dimension(new Dimension('below', 3, $at($box->greatestLeft->x), $at($box->leastRight->x)),
            $box->clear->value, $box->clear->exact, "{$this->piece->id}/clear");
    }

    /** @return array<string, Cell> the bays of the lowest band along the back wall */
    private function lowestRow(): array
    {
        foreach ($this->piece->main()->bands as $band) {
            $row = array_intersect_key($this->design->cells, $band->bays);
            if ($row !== []) {
                return $row;
            }
        }

        return [];
    }

    /** @param  string|null  $bay  that is cut through */
    public function heights(Drawing $drawing, ?string $bay): void
    {
        $box = $this->fit->box;
        $y = $this->piece->depth;
        if ($this->fit->panels === []) {
            return;
        }
        $spacing = $this->design->spacings[$bay ?? ''] ?? null;
        if ($spacing?->fits()) {
            $z = $spacing->from;
            foreach ($spacing->openings as $i => $opening) {
                $next = $z->plus($opening->value);
                $drawing->dimension(new Dimension('right', 1, new Point($y, $z), new Point($y, $next)), $opening->value, $opening->exact, "$bay/spacing/$i");
                $z = $next->plus($spacing->board);
            }
        }
        $drawing->dimension(new Dimension('right', 2, new Point($y, $box->bottom), new Point($y, $box->top())),
            $box->height->value, $box->height->exact, "{$this->piece->id}/carcass_height");
        $drawing->dimension(new Dimension('below', 1, new Point(Length::zero(), $box->floor), new Point($y, $box->floor)),
            $y, true, "{$this->piece->id}/depth");
        $drawing->level(new Point($y, $box->top()), $box->top(), Text::of('draw.carcass_top'));
        $drawing->level(new Point($y, $box->bottom), $box->bottom, Text::of('draw.base_top'));
    }
}
