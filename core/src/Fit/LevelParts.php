<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\CaseFront;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PartName;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Text;

/** What closes the gap above the piece and below it: strips over the top, shoes before the base, and base boards left long to be cut to the floor. */
final readonly class LevelParts
{
    /** @param  array<string, EdgeFit>  $edges */
    public function __construct(private Spot $spot, private array $edges, private Profiler $profiler, private Scriber $scriber)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @param  list<CaseFront>  $fronts
     * @return list<Panel>
     */
    public function added(array $panels, array $fronts): array
    {
        $base = $this->edges['base'] ?? null;
        $panels = $base?->kind === EdgeKind::Scribed ? array_map($this->toFloor(...), $panels) : $panels;
        foreach ($fronts as $front) {
            array_push($panels, ...$this->over($front));
        }
        foreach ($panels as $panel) {
            if ($base?->kind === EdgeKind::Trim && $this->isFrontOfBase($panel)) {
                $panels[] = $this->shoe($panel, $base);
            }
        }

        return $panels;
    }

    private function isFrontOfBase(Panel $panel): bool
    {
        return ! $panel->turned && $panel->thin === Axis::Y && ($panel->role === Role::ToeBoard || ($panel->role === Role::PlinthRail && $panel->leads));
    }

    /** Boards of the base that would stand on shims are left long by the gap under them, and 3 mm, and cut to the floor. */
    private function toFloor(Panel $panel): Panel
    {
        // The first course of boards laid level counts: its upper edge is what the others are stacked on.
        $isBase = in_array($panel->role, [Role::PlinthRail, Role::ToeBoard, Role::Side], true)
            || ($panel->role === Role::Board && str_ends_with($panel->id, ':course_1'));
        $stands = $isBase && $panel->block->corner->z->equals($this->spot->box->floor);
        $profile = $stands && ! $panel->turned ? $this->profiler->below($panel->block->corner->y) : null;
        if ($profile === null) {
            return $panel;
        }
        $scribe = $this->isFrontOfBase($panel) ? ($this->edges['base']->scribe ?? $this->scriber->of($profile, null)) : $this->scriber->of($profile, null);
        $more = fn (Figure $f): Figure => $f->plus($scribe->projects, Text::of('fit.blank_projects'))->named(Text::of('fit.floor_blank'));
        $isUpright = $panel->long === Axis::Z;

        return $panel->shaped($panel->solid->longer(Axis::Z, false, $scribe->projects->value),
            length: $isUpright ? $more($panel->length) : null, width: $isUpright ? null : $more($panel->width))->fittedOnSite();
    }

    /** @return list<Panel> none or one, over the highest boxes */
    private function over(CaseFront $front): array
    {
        $edge = $this->edges['top'] ?? null;
        if ($edge === null || ! $front->z->to()->equals($this->spot->box->top()) || $edge->least()->isNegative()) {
            return [];
        }
        if ($edge->kind === EdgeKind::Filler && $edge->scribe !== null) {
            $width = $edge->scribe->projects->named(Text::of('fit.filler_blank'));

            return [$this->strip($front, Strip::filler($width, $front->board->thickness))];
        }
        if ($edge->kind === EdgeKind::Trim) {
            return [$this->strip($front, Strip::trim($edge->greatest()))];
        }

        return [];
    }

    private function strip(CaseFront $front, Strip $strip): Panel
    {
        $name = "{$strip->role->value}_top";
        $block = new Block(new Place3($front->x->from, $strip->from($front->depth()), $front->z->to()->minus($strip->over)),
            new Place3($front->x->value(), $strip->thickness, $strip->width->value));

        return new Panel("$front->id:$name", $this->spot->piece->id, $strip->role, PartName::in(Text::of("part.$name"), $front->label), $front->board->material,
            $front->x->size, $strip->width, Prism::of($block, Axis::Y), Axis::X, Axis::Y, [], null, $strip->as() === null, $strip->as());
    }

    /** A moulding before the base that covers the gap under it and bears on it. */
    private function shoe(Panel $rail, EdgeFit $edge): Panel
    {
        $width = Cover::width($edge->greatest());
        $b = $rail->block;
        $block = new Block(new Place3($b->corner->x, $b->corner->y->plus($b->size->y), $b->corner->z->minus($edge->greatest())),
            new Place3($b->size->x, Cover::bearing(), $width->value));

        return new Panel("$rail->id:shoe", $this->spot->piece->id, Role::Trim, Text::of('part.shoe'), $rail->material,
            $rail->length, $width, Prism::of($block, Axis::Y), Axis::X, Axis::Y, [], null, false, BoughtAs::Lumber);
    }
}
