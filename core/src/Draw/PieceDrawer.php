<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\SideKind;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Fit\GapAt;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;

/** The piece in its space: from the front, in section from the left, and from above. */
final readonly class PieceDrawer
{
    public function __construct(private Piece $piece, private Room $room, private Design $design, private Fit $fit)
    {
    }

    public function front(): Drawing
    {
        $outline = new Outline($this->room, $this->fit->box->top());
        $drawing = new Drawing(View::Front);
        SiteDrawer::walls($drawing, $outline);
        foreach ($this->backToFront() as $panel) {
            $shape = $this->closedGap($panel) ?? $panel->block->outlineIn(View::Front);
            $drawing->shape(self::layer($panel), $shape, $panel->id);
        }
        if ($this->fit->panels !== []) {
            $this->widths($drawing);
        }
        foreach (Side::cases() as $side) {
            if ($this->room->space->side($side) === SideKind::Open) {
                continue;
            }
            $this->gapRibbon($drawing, $outline, $this->fit->edge($side));
        }

        return $drawing;
    }

    /** Cut through the first bay, seen from the left: shelves one above the other. */
    public function section(): Drawing
    {
        $outline = new Outline($this->room, $this->fit->box->top());
        $drawing = new Drawing(View::Side);
        $wall = Length::fromMillimetres(Outline::WALL_MM);
        $front = Length::greatest($outline->depth, $this->piece->depth);
        $corner = fn (Length $y, Length $z): Point => new Point($y, $z);
        $zero = Length::zero();
        $middle = $this->fit->box->left->plus($this->fit->box->width->value->splitInto(2)[0]);
        $head = fn (Length $y): Point => new Point($y, $outline->overhead->at($middle, $y));
        $top = $outline->height;
        $drawing->shape('wall', [$corner($wall->negated(), $wall->negated()), $corner($front, $wall->negated()),
            $corner($front, $top->plus($wall)), $corner($wall->negated(), $top->plus($wall))]);
        $drawing->shape('room', [$corner($zero, $zero), $corner($front, $zero), $head($front), ...array_reverse($outline->overhead->alongDepth($zero, $front, $middle)), $head($zero)]);
        $bay = array_key_first($this->design->spacings);
        foreach ($this->fit->panels as $panel) {
            if ($this->isCutBySection($panel, (string) $bay)) {
                $drawing->shape($panel->role === Role::Side ? 'beyond' : 'cut', $panel->block->outlineIn(View::Side), $panel->id);
            }
        }
        $this->heights($drawing, (string) $bay);

        return $drawing;
    }

    public function top(): Drawing
    {
        $drawing = SiteDrawer::ground($this->room);
        foreach ($this->fit->panels as $panel) {
            if (! in_array($panel->role, [Role::Top, Role::Shelf, Role::Nailer, Role::Rung, Role::PlinthRail, Role::Rail], true)) {
                $drawing->shape(self::layer($panel) === 'filler' ? 'filler' : 'cut', $panel->block->outlineIn(View::Top), $panel->id);
                $this->name($drawing, $panel);
            }
        }

        return $drawing;
    }

    /** In the view from above each part that meets a wall is named, and the back. */
    private function name(Drawing $drawing, Panel $panel): void
    {
        if (! $panel->fitOnSite && ! $panel->bought && $panel->role !== Role::Back) {
            return;
        }
        $block = $panel->block;
        $across = $panel->role === Role::Back ? $block->size->x->splitInto(4)[0]->times(3) : $block->size->x->splitInto(2)[0];
        $y = $block->corner->y->plus($block->size->y->splitInto(2)[0]);
        $drawing->leader(($panel->hand ?? Side::Right)->value, new Point($block->corner->x->plus($across), $y->negated()), $panel->name, $panel->id);
    }

    /** @return list<Panel> */
    private function backToFront(): array
    {
        $panels = $this->fit->panels;
        $front = fn (Panel $p): int => $p->block->corner->y->plus($p->block->size->y)->units;
        usort($panels, fn (Panel $a, Panel $b): int => [$front($a), $a->id] <=> [$front($b), $b->id]);

        return $panels;
    }

    private static function layer(Panel $panel): string
    {
        return match ($panel->role) {
            Role::Filler, Role::Lip => 'filler',
            Role::Trim => 'trim',
            Role::Back => 'back',
            Role::Nailer, Role::Rung => 'hidden',
            Role::PlinthRail => 'plinth',
            Role::Stile, Role::Rail, Role::Mullion => 'frame',
            default => 'board',
        };
    }

    /**
     * A strip that is scribed is drawn as it will be: from the carcass out to the wall.
     *
     * @return list<Point>|null
     */
    private function closedGap(Panel $panel): ?array
    {
        $edge = $panel->hand === null ? null : $this->fit->edge($panel->hand);
        if ($edge?->scribe === null || ! $panel->fitOnSite) {
            return null;
        }
        $block = $panel->block;
        $inner = $panel->hand === Side::Left ? $block->corner->x->plus($block->size->x) : $block->corner->x;
        $sign = $panel->hand === Side::Left ? -1 : 1;
        $wall = array_map(
            fn (GapAt $g): Point => new Point($this->fit->box->edge($edge->side)->plus($g->gap->times($sign)), $g->z),
            $edge->gaps,
        );

        return [new Point($inner, $this->fit->box->bottom), ...$wall, new Point($inner, $this->fit->box->top())];
    }

    private function widths(Drawing $drawing): void
    {
        $box = $this->fit->box;
        $z = $box->bottom;
        $at = fn (Length $x): Point => new Point($x, $z);
        $x = $box->left;
        [$left, $right] = [$this->fit->edge(Side::Left)->gaps[0], $this->fit->edge(Side::Right)->gaps[0]];
        $drawing->dimension('below', 1, $at($x->minus($left->gap)), $at($x), $left->gap, $left->exact, "{$this->piece->id}/left");
        foreach ($this->design->openings as $bayId => $opening) {
            $inner = $x->plus($this->boardThickness());
            $x = $inner->plus($opening->value);
            $drawing->dimension('below', 1, $at($inner), $at($x), $opening->value, $opening->exact, "$bayId/opening");
        }
        $drawing->dimension('below', 1, $at($box->right()), $at($box->right()->plus($right->gap)), $right->gap, $right->exact, "{$this->piece->id}/right");
        $drawing->dimension('below', 2, $at($box->left), $at($box->right()), $box->width->value, $box->width->exact, "{$this->piece->id}/carcass_width");
        $drawing->dimension('below', 3, $at($box->greatestLeft->x), $at($box->leastRight->x), $box->clear->value, $box->clear->exact, "{$this->piece->id}/clear");
    }

    private function heights(Drawing $drawing, string $bay): void
    {
        $box = $this->fit->box;
        $y = $this->piece->depth;
        $spacing = $this->design->spacings[$bay] ?? null;
        if ($spacing === null || ! $spacing->fits() || $this->fit->panels === []) {
            return;
        }
        $z = $box->bottom->plus($this->boardThickness());
        foreach ($spacing->openings as $i => $opening) {
            $next = $z->plus($opening->value);
            $drawing->dimension('right', 1, new Point($y, $z), new Point($y, $next), $opening->value, $opening->exact, "$bay/spacing/$i");
            $z = $next->plus($this->boardThickness());
        }
        $drawing->dimension('right', 2, new Point($y, $box->bottom), new Point($y, $box->top()),
            $box->height->value, $box->height->exact, "{$this->piece->id}/carcass_height");
        $drawing->dimension('below', 1, new Point(Length::zero(), $box->floor), new Point($y, $box->floor), $y, true, "{$this->piece->id}/depth");
        $drawing->level(new Point($y, $box->top()), $box->top(), Text::of('draw.carcass_top'));
        $drawing->level(new Point($y, $box->bottom), $box->bottom, Text::of('draw.base_top'));
    }

    private function boardThickness(): Length
    {
        foreach ($this->fit->panels as $panel) {
            if ($panel->role === Role::Side) {
                return $panel->block->size->x;
            }
        }

        return Length::zero();
    }

    private function isCutBySection(Panel $panel, string $bay): bool
    {
        $opening = $this->design->openings[$bay] ?? null;
        if ($opening === null) {
            return false;
        }
        if ($panel->role === Role::Side) {
            return $panel->hand === Side::Right;
        }
        $middle = $this->fit->box->left->plus($this->boardThickness())->plus($opening->value->splitInto(2)[0]);
        $from = $panel->block->corner->x;

        return ! $from->isGreaterThan($middle) && $from->plus($panel->block->size->x)->isGreaterThan($middle);
    }

    private function gapRibbon(Drawing $drawing, Outline $o, EdgeFit $edge): void
    {
        $stations = array_map(fn (GapAt $g): array => ['at' => $g->z, 'value' => $g->gap], $edge->gaps);
        $base = Length::fromMillimetres(Outline::WALL_MM + 60);
        $drawing->ribbon($edge->side->value, Text::of('draw.gap_to_wall'),
            Magnify::times(array_map(fn (GapAt $g): Length => $g->gap, $edge->gaps)),
            $edge->side === Side::Left ? $base->negated() : $o->width->plus($base),
            $stations, "{$this->piece->id}/{$edge->side->value}");
    }
}
