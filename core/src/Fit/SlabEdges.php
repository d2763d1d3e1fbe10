<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Text;

/**
 * Tops, seats, decks and crowns that run to the walls: their ends and rear are left long and cut to what is there, each at its own
 * height. A carcass stands off the walls; what lies on it may reach them. Sides at open ends are scribed to the wall behind.
 */
final class SlabEdges
{
    /** @var array<string, EdgeFit> by part and edge */
    public array $edges = [];

    public function __construct(private readonly Spot $spot, private readonly Profiler $profiler, private readonly Scriber $scriber)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Panel>
     */
    public function added(array $panels): array
    {
        $cut = array_map(function (Panel $panel): Panel {
            if ($this->isEndPanel($panel)) {
                return $this->behind($panel,
                    $this->profiler->behindUpright($panel->block->corner->x, $panel->block->corner->z, $panel->block->corner->z->plus($panel->block->size->z)));
            }
            $band = $this->spot->piece->main()->bands[$panel->element ?? ''] ?? null;
            if ($band === null || $panel->turned || ! in_array($panel->role, [Role::Slab, Role::Crown], true)) {
                return $panel;
            }
            foreach ($band->toWalls ? Side::cases() : [] as $side) {
                $panel = $this->end($panel, $side);
            }

            return $panel->role === Role::Slab ? $this->rear($panel) : $panel;
        }, $panels);

        return [...$cut, ...$this->covers($cut)];
    }

    /**
     * Where the gap behind a slab is covered: a thin strip that lies on its rear edge and reaches the wall.
     *
     * @param  list<Panel>  $panels
     * @return list<Panel>
     */
    private function covers(array $panels): array
    {
        $slabs = $this->spot->piece->meeting(EdgeName::Back)?->kind !== EdgeKind::Trim ? []
            : array_filter($panels, fn (Panel $p): bool => $p->role === Role::Slab && ! $p->turned && $p->block->corner->y->equals($this->spot->box->rear));
        $strips = [];
        foreach ($slabs as $slab) {
            $b = $slab->block;
            $top = $b->corner->z->plus($b->size->z);
            $profile = $this->profiler->behind($top, $b->corner->x, $b->corner->x->plus($b->size->x));
            // Of layers only the uppermost is seen.
            $isCovered = array_filter($slabs, fn (Panel $p): bool => $p->block->corner->z->equals($top)) !== [];
            if ($profile !== null && ! $isCovered) {
                $width = Cover::width($profile->greatest());
                $block = new Block(new Place3($b->corner->x, $this->spot->box->rear->minus($profile->greatest()), $top),
                    new Place3($b->size->x, $width->value, Cover::bearing()));
                $strips[] = new Panel("$slab->id:cover", $this->spot->piece->id, Role::Trim, Text::of('part.cover'), $slab->material,
                    $slab->length, $width, Prism::of($block, Axis::Z), Axis::X, Axis::Z, [], null, false, BoughtAs::Lumber);
            }
        }

        return $strips;
    }

    private function end(Panel $panel, Side $side): Panel
    {
        $b = $panel->block;
        $edge = $side === Side::Left ? $b->corner->x : $b->corner->x->plus($b->size->x);
        if (! $edge->equals($this->spot->box->edge($side)) || $this->spot->room->space->side($side) !== SideKind::Wall) {
            return $panel;
        }
        $profile = $panel->role === Role::Crown
            ? $this->profiler->sideOver($side, $b->corner->z, $b->corner->z->plus($b->size->z))
            : $this->profiler->end($panel, $side);
        $scribe = $this->note($panel, EdgeName::of($side), $profile);

        return $panel->shaped($panel->solid->longer(Axis::X, $side === Side::Right, $scribe->projects->value),
            length: $this->more($panel->length, $scribe, $side->value))->fittedOnSite();
    }

    /** A side in view, at an end that no wall closes: its rear edge meets the wall behind. */
    private function isEndPanel(Panel $panel): bool
    {
        return $panel->role === Role::Side && ! $panel->turned && $panel->hand !== null && $panel->solid->isBlock()
            && $this->spot->room->space->side($panel->hand) === SideKind::Open && $this->isScribed()
            && $panel->block->corner->y->equals($this->spot->box->rear);
    }

    private function isScribed(): bool
    {
        return $this->spot->piece->meeting(EdgeName::Back)?->kind === EdgeKind::Scribed;
    }

    private function rear(Panel $panel): Panel
    {
        $b = $panel->block;

        return ! $this->isScribed() || ! $b->corner->y->equals($this->spot->box->rear) ? $panel
            : $this->behind($panel, $this->profiler->behind($b->corner->z, $b->corner->x, $b->corner->x->plus($b->size->x)));
    }

    private function behind(Panel $panel, ?Profile $profile): Panel
    {
        if ($profile === null) {
            return $panel;
        }
        $scribe = $this->note($panel, EdgeName::Back, $profile);

        return $panel->shaped($panel->solid->longer(Axis::Y, false, $scribe->projects->value),
            width: $this->more($panel->width, $scribe, 'back'))->fittedOnSite();
    }

    private function note(Panel $panel, EdgeName $name, Profile $profile): Scribe
    {
        $key = "$panel->id/$name->value";
        $scribe = $this->scriber->of($profile, $this->spot->piece->offsets[$key] ?? null);
        $this->edges[$key] = new EdgeFit($name, EdgeKind::Scribed, null, $profile, $scribe, [], $panel->id);

        return $scribe;
    }

    private function more(Figure $size, Scribe $scribe, string $edge): Figure
    {
        return $size->plus($scribe->projects, Text::of("fit.slab_projects_$edge"))->named(Text::of('fit.slab_blank'));
    }
}
