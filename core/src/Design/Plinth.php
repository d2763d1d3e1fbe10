<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Band;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A separate ladder base: two rails and a rung under each side, each divider and mid-span over 600 mm (fieldbook §3). */
final readonly class Plinth
{
    private const LONGEST_SPAN_MM = 600;

    /** @param  array<string, Figure>  $openings by bay */
    public function __construct(private Measures $m, private Band $plinth, private Band $box, private array $openings)
    {
    }

    /** @return list<Panel> */
    public function panels(): array
    {
        $t = $this->m->thickness;
        $front = $this->m->rear()->plus($this->depth()->value)->minus($t);
        $panels = [$this->rail('front', $front), $this->rail('back', $this->m->rear())];
        $x = $this->m->box->left;
        $panels[] = $this->rung("{$this->plinth->id}:rung_left", 1, $x);
        $number = 1;
        foreach (array_keys($this->box->bays) as $i => $bayId) {
            $opening = $this->openings[$bayId]->value;
            if ($opening->isGreaterThan(Length::fromMillimetres(self::LONGEST_SPAN_MM))) {
                $panels[] = $this->rung("$bayId:rung_middle", ++$number, $x->plus($t)->plus($opening->minus($t)->splitInto(2)[0]));
            }
            $x = $x->plus($t)->plus($opening);
            $last = $i === count($this->box->bays) - 1;
            $panels[] = $this->rung($last ? "{$this->plinth->id}:rung_right" : "$bayId:rung", ++$number, $x);
        }

        return $panels;
    }

    private function height(): Figure
    {
        return Figure::of($this->plinth->height ?? Length::zero(), Text::of('piece.plinth_height'), "{$this->plinth->id}/height");
    }

    private function depth(): Figure
    {
        return $this->m->carcassDepth()
            ->minus($this->plinth->setBack ?? Length::zero(), Text::of('piece.set_back'), "{$this->plinth->id}/set_back");
    }

    private function rail(string $where, Length $y): Panel
    {
        $m = $this->m;
        $length = $m->box->width;

        return new Panel("{$this->plinth->id}:rail_$where", $m->piece->id, Role::PlinthRail, Text::of("part.plinth_$where"),
            $m->piece->material, $length, $this->height(),
            Block::of($m->box->left, $y, $m->box->floor, $length->value, $m->thickness, $this->height()->value));
    }

    private function rung(string $id, int $number, Length $x): Panel
    {
        $m = $this->m;
        $length = $this->depth()->minus($m->thickness->times(2), Text::of('piece.two_plinth_rails', t: $m->thickness));

        return new Panel($id, $m->piece->id, Role::Rung, Text::of('part.rung', n: $number), $m->piece->material,
            $length, $this->height(),
            Block::of($x, $m->rear()->plus($m->thickness), $m->box->floor, $m->thickness, $length->value, $this->height()->value));
    }
}
