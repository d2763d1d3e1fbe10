<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;

/**
 * A drawing as data: strokes in mm on named layers, in the order they are laid down. No colour and no pen:
 * who draws it chooses those by layer. `ref` is what a person picks by pointing at the stroke.
 */
final class Drawing implements \JsonSerializable
{
    /** @var list<array<string, mixed>> */
    private array $items = [];

    /** @param  bool  $round  a picture in the round (Axon), not a view */
    public function __construct(public readonly View $view, private readonly bool $round = false)
    {
    }

    /** @param  list<Point>  $points */
    public function shape(string $layer, array $points, ?string $ref = null): void
    {
        $this->items[] = ['kind' => 'shape', 'layer' => $layer, 'points' => $points, 'ref' => $ref];
    }

    /**
     * A thing in the way; `moves` are the fields that dragging it to the right and upward changes.
     *
     * @param  list<Point>  $points
     * @param  array{string, string}  $moves
     */
    public function thing(PlacedThing $placed, string $treatment, array $points, array $moves): void
    {
        $this->items[] = ['kind' => 'thing', 'layer' => "thing_$treatment", 'points' => $points, 'ref' => $placed->thing->id,
            'move' => $moves, 'text' => $placed->name()];
    }

    public function dimension(Dimension $line, Length $value, bool $exact, ?string $ref): void
    {
        $this->items[] = ['kind' => 'dimension', 'layer' => 'dimension', 'side' => $line->side, 'rank' => $line->rank,
            'points' => [$line->from, $line->to], 'value' => $value, 'exact' => $exact, 'ref' => $ref];
    }

    /**
     * A tape, level or gauge laid in the space; its value (or degrees) null until it is read.
     *
     * @param  array{Point, Point}  $ends
     */
    public function reading(string $kind, array $ends, Reading $reading): void
    {
        $degrees = $reading->last()?->degrees;
        $this->items[] = ['kind' => 'reading', 'layer' => "reading_$kind", 'points' => $ends, 'value' => $reading->value(), 'ref' => $reading->id]
            + ($degrees === null ? [] : ['deg' => $degrees]);
    }

    /** @param  list<Point>  $points */
    public function line(string $layer, array $points, ?string $ref = null): void
    {
        $this->items[] = ['kind' => 'line', 'layer' => $layer, 'points' => $points, 'ref' => $ref];
    }

    public function ribbon(Ribbon $ribbon, ?string $ref): void
    {
        $this->items[] = ['kind' => 'ribbon', 'layer' => 'ribbon', 'side' => $ribbon->side, 'title' => $ribbon->title, 'times' => $ribbon->times,
            'base' => $ribbon->base, 'stations' => $ribbon->stations, 'ref' => $ref];
    }

    /** A bay's mark in its upper left corner. */
    public function mark(Point $at, string $text, string $ref): void
    {
        $this->items[] = ['kind' => 'mark', 'layer' => 'label', 'points' => [$at], 'words' => $text, 'ref' => $ref];
    }

    public function level(Point $at, Length $value, Text $name): void
    {
        $this->items[] = ['kind' => 'level', 'layer' => 'dimension', 'points' => [$at], 'value' => $value, 'name' => $name, 'ref' => null];
    }

    /** Words below a line, no wider than it. */
    public function caption(Point $from, Point $to, Text $text, ?string $ref): void
    {
        $this->items[] = ['kind' => 'caption', 'layer' => 'label', 'points' => [$from, $to], 'text' => $text, 'ref' => $ref];
    }

    /** Words beside the drawing and a line from them to a point. `side` is where the words stand: left or right. */
    public function leader(string $side, Point $at, Text $text, ?string $ref): void
    {
        $this->items[] = ['kind' => 'leader', 'layer' => 'label', 'side' => $side, 'points' => [$at], 'text' => $text, 'ref' => $ref];
    }

    /** @return array{view: string, bounds: array{Length, Length, Length, Length}, items: list<array<string, mixed>>} */
    public function jsonSerialize(): array
    {
        return ['view' => $this->round ? 'axon' : $this->view->value, 'bounds' => $this->bounds(), 'items' => $this->items];
    }

    /** @return array{Length, Length, Length, Length} left, bottom, right, top of everything but dimensions and ribbons */
    private function bounds(): array
    {
        $us = $vs = [];
        foreach ($this->items as $item) {
            if ($item['kind'] !== 'shape') {
                continue;
            }
            /** @var list<Point> $points */
            $points = $item['points'];
            foreach ($points as $p) {
                $us[] = $p->across;
                $vs[] = $p->up;
            }
        }
        if ($us === [] || $vs === []) {
            return [Length::zero(), Length::zero(), Length::zero(), Length::zero()];
        }

        return [Length::least(...$us), Length::least(...$vs), Length::greatest(...$us), Length::greatest(...$vs)];
    }
}
