<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\EdgeKind;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Side;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** The boards that meet the walls, as blanks: fillers, lips, trim, and stiles widened past the carcass. */
final readonly class EdgeParts
{
    /** What trim must bear on at each side of the gap it covers (fieldbook §2). */
    private const BEARING_MM = 6;

    /** @param  array<string, EdgeFit>  $edges */
    public function __construct(private Piece $piece, private Box $box, private array $edges)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Panel>
     */
    public function added(array $panels): array
    {
        $thickness = self::boardThickness($panels);
        $own = array_map($this->widened(...), $panels);
        foreach ($this->edges as $edge) {
            // A carcass that does not go in leaves nothing to close; Checks says so.
            if ($edge->least()->isNegative()) {
                continue;
            }
            $part = match ($edge->kind) {
                EdgeKind::Filler => $this->filler($edge, $thickness),
                EdgeKind::ScribedSide => $this->lip($edge, $thickness),
                EdgeKind::Trim => $this->trim($edge),
                EdgeKind::ExtendedStile => $this->loneStile($edge, $panels, $thickness),
                EdgeKind::Play => null,
            };
            array_push($own, ...($part === null ? [] : [$part]));
        }

        return $own;
    }

    /** @param  list<Panel>  $panels */
    private static function boardThickness(array $panels): Length
    {
        foreach ($panels as $panel) {
            if ($panel->role === Role::Side) {
                return $panel->block->size->x;
            }
        }
        throw new \LogicException('A carcass without a side.');
    }

    /** A stile that runs to the wall is wider by what its blank projects. */
    private function widened(Panel $panel): Panel
    {
        $edge = $panel->role === Role::Stile && $panel->hand !== null ? $this->edges[$panel->hand->value] : null;
        if ($edge?->kind !== EdgeKind::ExtendedStile || $edge->scribe === null || $edge->least()->isNegative()) {
            return $panel;
        }
        $width = $panel->width->plus($edge->scribe->projects, Text::of('fit.blank_projects'))->named(Text::of('fit.stile_blank'));

        return new Panel($panel->id, $panel->piece, $panel->role, $panel->name, $panel->material, $panel->length, $width,
            $this->reaching($edge, $panel->block), $panel->banded, $panel->hand, true);
    }

    private function filler(EdgeFit $edge, Length $thickness): Panel
    {
        $width = $this->projection($edge)->named(Text::of('fit.filler_blank'));

        return $this->strip($edge, Role::Filler, 'filler', $width, $thickness, Length::zero());
    }

    /** Glued to the side's front edge before the carcass goes in: it covers the side and projects to the wall. */
    private function lip(EdgeFit $edge, Length $thickness): Panel
    {
        $width = Figure::of($thickness, Text::of('fit.covers_side'))
            ->plus($this->projection($edge), Text::of('fit.blank_projects'))->named(Text::of('fit.lip_blank'));

        return $this->strip($edge, Role::Lip, 'lip', $width, $thickness, $thickness);
    }

    /** @param  list<Panel>  $panels */
    private function loneStile(EdgeFit $edge, array $panels, Length $thickness): ?Panel
    {
        $hasFrame = array_filter($panels, fn (Panel $p): bool => $p->role === Role::Stile) !== [];

        return $hasFrame ? null : $this->lip($edge, $thickness);
    }

    private function trim(EdgeFit $edge): Panel
    {
        $width = Figure::of($edge->greatest(), Text::of('fit.greatest_gap_plain'))
            ->plus(Length::fromMillimetres(self::BEARING_MM), Text::of('fit.trim_bearing'))->named(Text::of('fit.trim_least'));

        return $this->strip($edge, Role::Trim, 'trim', $width, Length::fromMillimetres(self::BEARING_MM), Length::zero(), true);
    }

    private function projection(EdgeFit $edge): Figure
    {
        return $edge->scribe->projects ?? throw new \LogicException('An edge that is not scribed has no blank.');
    }

    /** @param  Length  $over how far the strip reaches over the carcass */
    private function strip(EdgeFit $edge, Role $role, string $name, Figure $width, Length $thickness, Length $over, bool $bought = false): Panel
    {
        $side = $edge->side;
        $x = $side === Side::Left
            ? $this->box->left->plus($over)->minus($width->value)
            : $this->box->right()->minus($over);
        $front = $bought ? $this->piece->depth : $this->piece->depth->minus($thickness);
        $block = Block::of($x, $front, $this->box->bottom, $width->value, $thickness, $this->box->height->value);

        return new Panel("{$this->piece->id}:{$name}_{$side->value}", $this->piece->id, $role,
            Text::of("part.{$name}_{$side->value}"), $this->piece->material, $this->box->height, $width,
            $block, [], $side, $edge->kind->isScribed(), $bought);
    }

    private function reaching(EdgeFit $edge, Block $block): Block
    {
        $by = $this->projection($edge)->value;
        $x = $edge->side === Side::Left ? $block->corner->x->minus($by) : $block->corner->x;

        return Block::of($x, $block->corner->y, $block->corner->z, $block->size->x->plus($by), $block->size->y, $block->size->z);
    }
}
