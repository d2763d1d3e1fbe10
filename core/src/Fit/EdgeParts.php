<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Bench;
use Incastro\Core\Design\CaseFront;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PartName;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\SlopeCut;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Text;

/** The boards that meet the walls at the front of each box, as blanks: fillers, lips, trim, and stiles widened past the carcass. */
final readonly class EdgeParts
{
    /** @param  array<string, EdgeFit>  $edges */
    public function __construct(private Piece $piece, private Box $box, private array $edges)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @param  list<CaseFront>  $fronts
     * @return list<Panel>
     */
    public function added(array $panels, array $fronts): array
    {
        $own = array_map(fn (Panel $p): Panel => $this->widened($p, $fronts), $panels);
        $closing = [];
        foreach ($fronts as $front) {
            foreach ($this->edges as $edge) {
                // A carcass that does not go in leaves nothing to close; Checks says so.
                if ($edge->name->side() !== null && ! $edge->least()->isNegative() && $front->meets($edge->side())) {
                    array_push($closing, ...$this->closing($edge, $front));
                }
            }
        }
        foreach ($closing as $lip) {
            $own = $lip->role === Role::Lip ? array_map(fn (Panel $p): Panel => self::roundLip($p, $lip), $own) : $own;
        }

        return [...$own, ...$closing];
    }

    /** What runs over a side, or is let into it, is notched round the lip that stands before that side. */
    private static function roundLip(Panel $panel, Panel $lip): Panel
    {
        $common = $panel->role->moves() || ! $panel->solid->touches($lip->block) ? null : Bench::common($panel->block, $lip->block);
        if ($common === null) {
            return $panel;
        }
        $thin = $panel->inHouse($panel->thin);

        return $panel->taking(new Taken(TakenKind::Notch, $common->along($thin, $panel->block->from($thin), $panel->block->extent($thin))));
    }

    /** @return list<Panel> none or one */
    private function closing(EdgeFit $edge, CaseFront $front): array
    {
        $part = match ($edge->kind) {
            EdgeKind::Filler => $this->filler($edge, $front),
            EdgeKind::Trim => $this->trim($edge, $front),
            // Where a frame stands its own stile is widened instead.
            EdgeKind::ScribedSide, EdgeKind::ExtendedStile => $front->framed ? null : $this->lip($edge, $front),
            EdgeKind::Play, EdgeKind::Scribed, null => null,
        };

        return $part === null ? [] : $this->underSlope($part);
    }

    /** @return list<Panel> what the slope leaves of a strip */
    private function underSlope(Panel $part): array
    {
        $left = $part;
        if ($this->box->limit !== null) {
            SlopeCut::shortened($part, $this->box->limit, function (?Panel $cut) use (&$left): void {
                $left = $cut;
            });
        }

        return $left instanceof Panel ? [$left] : [];
    }

    /**
     * A stile that runs to the wall is wider by what its blank projects.
     *
     * @param  list<CaseFront>  $fronts
     */
    private function widened(Panel $panel, array $fronts): Panel
    {
        $edge = $panel->role === Role::Stile && $panel->hand !== null ? $this->edges[$panel->hand->value] : null;
        if ($edge === null || ! in_array($edge->kind, [EdgeKind::ScribedSide, EdgeKind::ExtendedStile], true)
            || $edge->scribe === null || $edge->least()->isNegative()) {
            return $panel;
        }
        foreach ($fronts as $front) {
            if ($panel->id === "$front->id:stile_{$edge->name->value}" && $front->meets($edge->side())) {
                $width = $panel->width->plus($edge->scribe->projects, Text::of('fit.blank_projects'))->named(Text::of('fit.stile_blank'));
                $wide = $panel->shaped($this->reaching($edge, $panel), width: $width)->fittedOnSite();

                return $panel->solid->isBlock() ? $wide : ($this->underSlope($wide)[0] ?? $wide);
            }
        }

        return $panel;
    }

    private function filler(EdgeFit $edge, CaseFront $front): Panel
    {
        $width = $this->projection($edge)->named(Text::of('fit.filler_blank'));

        return $this->strip($edge, $front, Strip::filler($width, $front->board->thickness));
    }

    /** Glued to the side's front edge before the carcass goes in: it covers the side and projects to the wall. */
    private function lip(EdgeFit $edge, CaseFront $front): Panel
    {
        $thickness = $front->board->thickness;
        $width = Figure::of($thickness, Text::of('fit.covers_side'))
            ->plus($this->projection($edge), Text::of('fit.blank_projects'))->named(Text::of('fit.lip_blank'));

        return $this->strip($edge, $front, Strip::lip($width, $thickness));
    }

    private function trim(EdgeFit $edge, CaseFront $front): Panel
    {
        return $this->strip($edge, $front, Strip::trim($edge->greatest()));
    }

    private function projection(EdgeFit $edge): Figure
    {
        return $edge->scribe->projects ?? throw new \LogicException('An edge that is not scribed has no blank.');
    }

    private function strip(EdgeFit $edge, CaseFront $front, Strip $strip): Panel
    {
        $side = $edge->side();
        $x = $side === Side::Left
            ? $front->x->from->plus($strip->over)->minus($strip->width->value)
            : $front->x->to()->minus($strip->over);
        $block = new Block(new Place3($x, $strip->from($front->depth()), $front->z->from),
            new Place3($strip->width->value, $strip->thickness, $front->z->value()));
        $name = "{$strip->role->value}_{$side->value}";

        return new Panel("$front->id:$name", $this->piece->id, $strip->role,
            PartName::in(Text::of("part.$name"), $front->label), $front->board->material, $front->z->size, $strip->width,
            Prism::of($block, Axis::Y), Axis::Z, Axis::Y, [], $side, $edge->kind?->isScribed() === true, $strip->as());
    }

    private function reaching(EdgeFit $edge, Panel $panel): Prism
    {
        return Prism::of($panel->block, Axis::Y)->longer(Axis::X, $edge->side() === Side::Right, $this->projection($edge)->value);
    }
}
