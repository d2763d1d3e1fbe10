<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Band;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\TopJoint;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Sides, top, bottom and back of a box. The bottom sits between the sides; the top sits between or caps them. */
final readonly class Carcass
{
    public function __construct(private Measures $m, private Band $band)
    {
    }

    /** @return list<Panel> */
    public function panels(): array
    {
        return [
            $this->side(Side::Left),
            $this->side(Side::Right),
            $this->top(),
            $this->bottom(),
            ...($this->m->piece->methods->back ? [$this->back()] : []),
        ];
    }

    private function isCapped(): bool
    {
        return $this->m->piece->methods->top === TopJoint::Capping;
    }

    private function side(Side $side): Panel
    {
        $m = $this->m;
        $t = $m->thickness;
        $length = $this->isCapped()
            ? $m->box->height->minus($t, Text::of('piece.top_caps'))->named(Text::of('piece.side_length'))
            : $m->box->height;
        $depth = $m->sideDepth($side);
        $x = $side === Side::Left ? $m->box->left : $m->box->right()->minus($t);

        return new Panel(
            "{$this->band->id}:side_{$side->value}", $m->piece->id, Role::Side, Text::of("part.side_{$side->value}"),
            $m->piece->material, $length, $depth,
            Block::of($x, $m->rear(), $m->box->bottom, $t, $depth->value, $length->value),
            $m->hasLip($side) ? [] : $m->frontBand(), $side,
        );
    }

    private function top(): Panel
    {
        $m = $this->m;
        $length = $this->isCapped() ? $m->box->width : $m->innerWidth();
        $x = $this->isCapped() ? $m->box->left : $m->box->left->plus($m->thickness);

        return $this->board(Role::Top, 'top', $length, $x, $m->box->top()->minus($m->thickness));
    }

    private function bottom(): Panel
    {
        return $this->board(Role::Bottom, 'bottom', $this->m->innerWidth(),
            $this->m->box->left->plus($this->m->thickness), $this->m->box->bottom);
    }

    private function board(Role $role, string $name, Figure $length, Length $x, Length $z): Panel
    {
        $m = $this->m;
        $depth = $m->carcassDepth();

        return new Panel("{$this->band->id}:$name", $m->piece->id, $role, Text::of("part.$name"), $m->piece->material,
            $length, $depth, Block::of($x, $m->rear(), $z, $length->value, $depth->value, $m->thickness), $m->frontBand());
    }

    /** Applied to the rear edges, 1 mm back from each so that no edge stands proud. */
    private function back(): Panel
    {
        $m = $this->m;
        $reveal = Length::fromMillimetres(1);
        $shy = fn (Figure $f): Figure => $f->minus($reveal->times(2), Text::of('piece.back_reveal', each: $reveal));
        $length = $shy($m->box->height);
        $width = $shy($m->box->width);

        return new Panel("{$this->band->id}:back", $m->piece->id, Role::Back, Text::of('part.back'),
            $m->piece->backMaterial ?? $m->piece->material, $length, $width,
            Block::of($m->box->left->plus($reveal), Length::zero(), $m->box->bottom->plus($reveal),
                $width->value, $m->backThickness, $length->value));
    }
}
