<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Band;
use Incastro\Core\Document\Side;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Stiles, rails and mullions before the carcass. Stiles run through, flush with the carcass outside;
 * Fit lengthens a stile past the carcass where it is extended to a wall.
 */
final readonly class FaceFrame
{
    private const STILE_MM = 38;

    private const TOP_RAIL_MM = 60;

    private const BOTTOM_RAIL_MM = 38;

    /** @param  array<string, Figure>  $openings by bay */
    public function __construct(private Measures $m, private Band $band, private array $openings)
    {
    }

    /** @return list<Panel> */
    public function panels(): array
    {
        $top = $this->m->box->top()->minus(Length::fromMillimetres(self::TOP_RAIL_MM));

        return [
            $this->stile(Side::Left),
            $this->stile(Side::Right),
            $this->rail('rail_top', self::TOP_RAIL_MM, $top),
            $this->rail('rail_bottom', self::BOTTOM_RAIL_MM, $this->m->box->bottom),
            ...$this->mullions(),
        ];
    }

    private function y(): Length
    {
        return $this->m->rear()->plus($this->m->carcassDepth()->value);
    }

    private function stile(Side $side): Panel
    {
        $m = $this->m;
        $width = Length::fromMillimetres(self::STILE_MM);
        $x = $side === Side::Left ? $m->box->left : $m->box->right()->minus($width);

        return new Panel("{$this->band->id}:stile_{$side->value}", $m->piece->id, Role::Stile,
            Text::of("part.stile_{$side->value}"), $m->piece->material, $m->box->height,
            Figure::of($width, Text::of('piece.stile_face')),
            Block::of($x, $this->y(), $m->box->bottom, $width, $m->thickness, $m->box->height->value), [], $side);
    }

    private function rail(string $name, int $widthMm, Length $z): Panel
    {
        $m = $this->m;
        $stile = Length::fromMillimetres(self::STILE_MM);
        $width = Length::fromMillimetres($widthMm);
        $length = $m->box->width->minus($stile->times(2), Text::of('piece.two_stiles', each: $stile));

        return new Panel("{$this->band->id}:$name", $m->piece->id, Role::Rail, Text::of("part.$name"),
            $m->piece->material, $length, Figure::of($width, Text::of('piece.rail_face')),
            Block::of($m->box->left->plus($stile), $this->y(), $z, $length->value, $m->thickness, $width));
    }

    /** @return list<Panel> one before each divider, centred on it */
    private function mullions(): array
    {
        $m = $this->m;
        $width = Length::fromMillimetres(self::STILE_MM);
        $length = $m->box->height
            ->minus(Length::fromMillimetres(self::TOP_RAIL_MM), Text::of('part.rail_top'))
            ->minus(Length::fromMillimetres(self::BOTTOM_RAIL_MM), Text::of('part.rail_bottom'));
        $overhang = $width->minus($m->thickness)->splitInto(2)[0];
        $x = $m->box->left->plus($m->thickness);
        $panels = [];
        foreach (array_slice(array_keys($this->band->bays), 0, -1) as $i => $bayId) {
            $x = $x->plus($this->openings[$bayId]->value);
            $panels[] = new Panel("$bayId:mullion", $m->piece->id, Role::Mullion, Text::of('part.mullion', n: $i + 1),
                $m->piece->material, $length, Figure::of($width, Text::of('piece.stile_face')),
                Block::of($x->minus($overhang), $this->y(), $m->box->bottom->plus(Length::fromMillimetres(self::BOTTOM_RAIL_MM)),
                    $width, $m->thickness, $length->value));
            $x = $x->plus($m->thickness);
        }

        return $panels;
    }
}
