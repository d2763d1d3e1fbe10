<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Envelope\Bounds;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\GapAt;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\RoomOutline;

/** The piece in its space: from the front, in section from the left, and from above. */
final readonly class PieceDrawer
{
    private PieceTapes $tapes;

    private Bounds $bounds;

    /** @param  list<Design>  $others  the other pieces of its space */
    public function __construct(private PlacedPiece $built, private array $others)
    {
        $this->tapes = new PieceTapes($built->piece, $built->design, $built->fit);
        $this->bounds = new Bounds($built->piece, $built->room);
    }

    public function front(): Drawing
    {
        $outline = new RoomOutline($this->built->room, $this->built->fit->box->top());
        $drawing = new Drawing(View::Front);
        SiteDrawer::walls($drawing, $outline);
        SiteDrawer::breast($drawing, $outline);
        foreach ($this->others as $other) {
            foreach ($other->fronts as $front) {
                $drawing->shape('other', (new Block(new Place3($front->x->from, Length::zero(), $front->z->from),
                    new Place3($front->x->value(), $front->y, $front->z->value())))->outlineIn(View::Front));
            }
        }
        $panels = $this->backToFront();
        $isBehind = fn (Panel $p): bool => $p->role === Role::Back || $p->role === Role::Nailer
            || ($p->role === Role::RakingTop && $p->solid->axis === Axis::X);
        $this->lay($drawing, array_filter($panels, $isBehind));
        foreach ($this->built->design->cells as $bay => $cell) {
            $drawing->shape('cell', $this->cellBlock($bay, $cell)->outlineIn(View::Front), (string) $bay);
        }
        $this->lay($drawing, array_filter($panels, fn (Panel $p): bool => ! $isBehind($p)));
        foreach (count($this->built->design->cells) > 1 ? $this->built->design->cells : [] as $bay => $cell) {
            $block = $this->cellBlock((string) $bay, $cell);
            $drawing->mark(new Point($block->corner->x, $block->corner->z->plus($block->size->z)), $cell->label, (string) $bay);
        }
        if ($this->built->fit->panels !== []) {
            $this->tapes->widths($drawing);
        }
        foreach (Side::cases() as $side) {
            if ($this->built->room->space->side($side) !== SideKind::Open && $this->built->design->fronts !== []) {
                $this->gapRibbon($drawing, $outline, $this->built->fit->edge($side));
            }
        }

        return $drawing;
    }

    /** @param  array<int, Panel>  $panels */
    private function lay(Drawing $drawing, array $panels): void
    {
        foreach ($panels as $panel) {
            $drawing->shape(Layer::of($panel), $this->closedGap($panel) ?? $panel->solid->outlineIn(View::Front), $panel->id);
            if ($panel->role === Role::Door && $panel->hand !== null && $panel->inHouse($panel->thin) === Axis::Y) {
                $drawing->line('swing', Layer::swing($panel));
            }
            foreach ($panel->taken as $taken) {
                if ($panel->inHouse($panel->thin) === Axis::Y && $taken->kind->isSeenThrough()) {
                    $drawing->shape('hole', Layer::hole($taken, View::Front));
                }
            }
        }
    }

    private function cellBlock(string $bay, Cell $cell): Block
    {
        $block = $cell->block();

        return isset($this->built->design->turns[$bay]) ? $this->built->design->turns[$bay]->block($block) : $block;
    }

    /** @return array<string, Drawing> a section through each bay along the back wall, by `section/` and the bay */
    public function sections(): array
    {
        $sections = [];
        foreach (array_keys($this->built->design->cells) as $bay) {
            if (($this->built->design->turns[$bay] ?? null)?->isNone() !== false) {
                $sections["section/$bay"] = $this->section((string) $bay);
            }
        }

        return $sections;
    }

    /** Cut through a bay, the first one where none is named, seen from the left: shelves one above the other. */
    public function section(?string $bay = null): Drawing
    {
        $outline = new RoomOutline($this->built->room, $this->built->fit->box->top());
        $drawing = new Drawing(View::Side);
        $wall = Length::fromMillimetres(RoomOutline::WALL_MM);
        $front = Length::greatest($outline->depth, $this->built->piece->depth);
        $corner = fn (Length $y, Length $z): Point => new Point($y, $z);
        $zero = Length::zero();
        $bay ??= $this->firstBay();
        $middle = $this->cutAt($bay);
        $head = fn (Length $y): Point => new Point($y, $outline->overhead->at($middle, $y));
        $top = Length::greatest($outline->height, $head($front)->up);
        $drawing->shape('wall', [$corner($wall->negated(), $wall->negated()), $corner($front, $wall->negated()),
            $corner($front, $top->plus($wall)), $corner($wall->negated(), $top->plus($wall))]);
        $drawing->shape('room', [$corner($zero, $zero), $corner($front, $zero), $head($front),
            ...array_reverse($outline->overhead->alongDepth($zero, $front, $middle)), $head($zero)]);
        foreach ($this->built->fit->panels as $panel) {
            $beyond = $panel->role === Role::Side && $panel->hand === Side::Right;
            if ($beyond || $this->isCut($panel, $middle)) {
                $drawing->shape($beyond ? 'beyond' : 'cut', $panel->solid->outlineIn(View::Side), $panel->id);
            }
        }
        $this->tapes->heights($drawing, $bay);

        return $drawing;
    }

    public function top(): Drawing
    {
        $drawing = SiteDrawer::ground($this->built->room);
        foreach ($this->built->fit->panels as $panel) {
            if ($panel->thin !== Axis::Z && ! $panel->role->isHidden() && ! in_array($panel->role, [Role::PlinthRail, Role::Rail], true)) {
                $drawing->shape(Layer::of($panel) === 'filler' ? 'filler' : 'cut', $panel->solid->outlineIn(View::Top), $panel->id);
                $this->name($drawing, $panel);
            }
        }

        return $drawing;
    }

    /** In the view from above each part that meets a wall is named, and the back. */
    private function name(Drawing $drawing, Panel $panel): void
    {
        if (! $panel->fitOnSite && $panel->role !== Role::Back) {
            return;
        }
        $block = $panel->block;
        $across = $panel->role === Role::Back ? $block->size->x->splitInto(4)[0]->times(3) : $block->size->x->half();
        $y = $block->corner->y->plus($block->size->y->half());
        $drawing->leader(($panel->hand ?? Side::Right)->value, new Point($block->corner->x->plus($across), $y->negated()), $panel->name, $panel->id);
    }

    /** @return list<Panel> */
    private function backToFront(): array
    {
        $panels = $this->built->fit->panels;
        $front = fn (Panel $p): int => $p->block->corner->y->plus($p->block->size->y)->units;
        usort($panels, fn (Panel $a, Panel $b): int => [$front($a), $a->id] <=> [$front($b), $b->id]);

        return $panels;
    }

    /**
     * A strip that is scribed is drawn as it will be: from the carcass out to the wall.
     *
     * @return list<Point>|null
     */
    private function closedGap(Panel $panel): ?array
    {
        $edge = $panel->hand === null ? null : $this->built->fit->edge($panel->hand);
        if ($edge?->scribe === null || ! $panel->fitOnSite || ! $panel->solid->isBlock()) {
            return null;
        }
        $block = $panel->block;
        [$foot, $head] = [$block->corner->z, $block->corner->z->plus($block->size->z)];
        $inner = $panel->hand === Side::Left ? $block->corner->x->plus($block->size->x) : $block->corner->x;
        $sign = $panel->hand === Side::Left ? -1 : 1;
        $wall = array_map(fn (GapAt $g): Point => new Point($this->built->fit->box->edge($edge->side())->plus($g->gap->times($sign)), $g->at),
            $edge->line()->between($foot, $head));

        return [new Point($inner, $foot), ...$wall, new Point($inner, $head)];
    }

    private function firstBay(): ?string
    {
        foreach (array_keys($this->built->design->cells) as $bay) {
            if (($this->built->design->turns[$bay] ?? null)?->isNone() !== false) {
                return (string) $bay;
            }
        }

        return null;
    }

    /** x that the section is cut at: the middle of the bay. */
    private function cutAt(?string $bay): Length
    {
        $cell = $this->built->design->cells[$bay ?? ''] ?? null;
        if ($cell !== null) {
            return $cell->x->from->plus($cell->x->value()->half());
        }

        return $this->built->fit->box->left->plus($this->built->fit->box->width->value->half());
    }

    private function isCut(Panel $panel, Length $middle): bool
    {
        $from = $panel->block->corner->x;

        return ! $from->isGreaterThan($middle) && $from->plus($panel->block->size->x)->isGreaterThan($middle);
    }

    private function gapRibbon(Drawing $drawing, RoomOutline $o, EdgeFit $edge): void
    {
        $stations = array_map(fn (GapAt $g): array => ['at' => $g->at, 'value' => $g->gap], $edge->line()->gaps);
        $out = Length::fromMillimetres(RoomOutline::WALL_MM + 60);
        $box = $this->built->fit->box;
        $base = match (true) {
            // Beside or before a breast the ribbon lies on what bounds the piece there.
            $edge->side() === Side::Right && $this->bounds->isWall(Side::Right) => $o->width->plus($out),
            $edge->side() === Side::Right => $box->leastRight->x->plus(Length::fromMillimetres(60)),
            $this->bounds->isWall(Side::Left) => $out->negated(),
            default => $box->greatestLeft->x->minus(Length::fromMillimetres(60)),
        };
        $drawing->ribbon(new Ribbon($edge->name->value, Text::of('draw.gap_to_wall'),
            Magnify::times(array_map(fn (GapAt $g): Length => $g->gap, $edge->line()->gaps)),
            $base, $stations), "{$this->built->piece->id}/{$edge->name->value}");
    }
}
