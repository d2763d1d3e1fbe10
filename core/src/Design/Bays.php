<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Band;
use Incastro\Core\Document\Bay;
use Incastro\Core\Document\Shelf;
use Incastro\Core\Document\ShelfRest;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Dividers, shelves and nailers of a box. */
final readonly class Bays
{
    /** Play of a shelf on pins, each end (fieldbook §6). */
    private const PIN_PLAY_MM = 1.5;

    /** Height of the nailer behind the top (fieldbook §6: 75–100). */
    private const NAILER_MM = 90;

    /** @var array<string, Spacing> by bay */
    public array $spacings;

    /** @param  array<string, Figure>  $openings by bay */
    public function __construct(private Measures $m, private Band $band, private array $openings)
    {
        $this->spacings = array_map($this->spacing(...), $band->bays);
    }

    /** @return list<Panel> */
    public function panels(): array
    {
        $panels = [];
        $x = $this->m->box->left->plus($this->m->thickness);
        $number = 0;
        foreach ($this->band->bays as $bay) {
            $number++;
            $opening = $this->openings[$bay->id];
            array_push($panels, ...$this->shelves($bay, $number, $x), ...[$this->nailer($bay, $number, $x)]);
            $x = $x->plus($opening->value);
            if ($number < count($this->band->bays)) {
                $panels[] = $this->divider($bay, $number, $x);
            }
            $x = $x->plus($this->m->thickness);
        }

        return $panels;
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $findings = [];
        $number = 0;
        foreach ($this->spacings as $bayId => $spacing) {
            $number++;
            if (! $spacing->fits()) {
                $findings[] = new Finding('piece.shelves_do_not_fit', Severity::Stop, new Place('piece', (string) $bayId),
                    Text::of('piece.shelves_do_not_fit', bay: $number, by: $spacing->free->negated()),
                    Text::of('piece.fewer_shelves'), Text::of('source.geometry'),
                    $spacing->free->negated(), Length::zero());
            }
        }

        return $findings;
    }

    /** Chosen openings stand; what is left is shared by the others and the top one (fieldbook §11). */
    private function spacing(Bay $bay): Spacing
    {
        $shelves = array_values($bay->shelves);
        $free = $this->m->innerHeight();
        if ($shelves !== []) {
            $free = $free->minus($this->m->thickness->times(count($shelves)),
                Text::of('piece.shelf_boards', n: count($shelves), t: $this->m->thickness));
        }
        $sharing = 1;
        foreach ($shelves as $i => $shelf) {
            if ($shelf->clearBelow === null) {
                $sharing++;
            } else {
                $free = $free->minus($shelf->clearBelow, Text::of('piece.opening_chosen', n: $i + 1), "$shelf->id/clear_below");
            }
        }
        $shares = $sharing === 1 ? [$free] : $free->sharedInto($sharing, Text::of('piece.equal_openings'));

        return new Spacing($this->inOrder($shelves, $shares), $free->value);
    }

    /**
     * @param  list<Shelf>  $shelves
     * @param  list<Figure>  $shares
     * @return list<Figure>
     */
    private function inOrder(array $shelves, array $shares): array
    {
        $openings = [];
        foreach ($shelves as $shelf) {
            $openings[] = $shelf->clearBelow === null
                ? array_shift($shares) ?? throw new \LogicException('A share is missing.')
                : Figure::of($shelf->clearBelow, Text::of('piece.opening_as_chosen'), "$shelf->id/clear_below");
        }

        return [...$openings, ...$shares];
    }

    /** @return list<Panel> */
    private function shelves(Bay $bay, int $number, Length $x): array
    {
        $spacing = $this->spacings[$bay->id];
        if (! $spacing->fits()) {
            return [];
        }
        $panels = [];
        $z = $this->m->box->bottom->plus($this->m->thickness);
        foreach (array_values($bay->shelves) as $i => $shelf) {
            $z = $z->plus($spacing->openings[$i]->value);
            $panels[] = $this->shelf($shelf, Text::of('part.shelf', n: $i + 1, bay: $number), $this->openings[$bay->id], $x, $z);
            $z = $z->plus($this->m->thickness);
        }

        return $panels;
    }

    private function shelf(Shelf $shelf, Text $name, Figure $opening, Length $x, Length $z): Panel
    {
        $m = $this->m;
        $play = Length::fromMillimetres(self::PIN_PLAY_MM);
        $onPins = $m->piece->methods->shelves === ShelfRest::Pins;
        $length = $onPins ? $opening->minus($play->times(2), Text::of('piece.pin_play', each: $play)) : $opening;
        $depth = $m->carcassDepth();

        return new Panel("$shelf->id:shelf", $m->piece->id, Role::Shelf, $name, $m->piece->material, $length, $depth,
            Block::of($onPins ? $x->plus($play) : $x, $m->rear(), $z, $length->value, $depth->value, $m->thickness),
            $m->frontBand());
    }

    private function nailer(Bay $bay, int $number, Length $x): Panel
    {
        $m = $this->m;
        $height = Length::fromMillimetres(self::NAILER_MM);
        $z = $m->box->top()->minus($m->thickness)->minus($height);

        return new Panel("$bay->id:nailer", $m->piece->id, Role::Nailer, Text::of('part.nailer', bay: $number),
            $m->piece->material, $this->openings[$bay->id], Figure::of($height, Text::of('piece.nailer_height')),
            Block::of($x, $m->rear(), $z, $this->openings[$bay->id]->value, $m->thickness, $height));
    }

    private function divider(Bay $bay, int $number, Length $x): Panel
    {
        $m = $this->m;
        $height = $m->innerHeight();
        $depth = $m->carcassDepth();

        return new Panel("$bay->id:divider", $m->piece->id, Role::Divider, Text::of('part.divider', n: $number),
            $m->piece->material, $height, $depth,
            Block::of($x, $m->rear(), $m->box->bottom->plus($m->thickness), $m->thickness, $depth->value, $height->value),
            $m->frontBand());
    }
}
