<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Makes square boards from three stretches, each standing for its own trail. It is set for what it makes next by asking it for
 * another (banded, hung, …); itself it stays as it was.
 */
final class Maker
{
    /** @var list<string> */
    private array $banded = [];

    private ?Side $hand = null;

    private ?BoughtAs $as = null;

    private ?string $closes = null;

    private function __construct(private readonly Bench $bench, private Board $board, private readonly ?string $bay, private Belongs $belongs)
    {
    }

    public static function at(Bench $bench, Board $board, ?string $bay = null): self
    {
        return new self($bench, $board, $bay, new Belongs);
    }

    public function of(Board $board): self
    {
        $other = clone $this;
        $other->board = $board;

        return $other;
    }

    /** What it makes belongs to more than its bay. */
    public function belongingTo(Belongs $belongs): self
    {
        $other = clone $this;
        $other->belongs = $belongs;

        return $other;
    }

    /** @param  list<string>  $edges  that are covered */
    public function banded(array $edges): self
    {
        $other = clone $this;
        $other->banded = $edges;

        return $other;
    }

    public function hung(?Side $hand): self
    {
        $other = clone $this;
        $other->hand = $hand;

        return $other;
    }

    /** Bought to size, or out of something other than sheets. */
    public function boughtAs(BoughtAs $as): self
    {
        $other = clone $this;
        $other->as = $as;

        return $other;
    }

    /** @param  string|null  $bay  that it closes from above */
    public function closing(?string $bay): self
    {
        $other = clone $this;
        $other->closes = $bay;

        return $other;
    }

    public function upright(Named $named, Length $x, Span $y, Span $z): Panel
    {
        return $this->put($named, [$this->thick($x), $y, $z], Axis::Z, Axis::X);
    }

    public function level(Named $named, Span $x, Span $y, Length $z): Panel
    {
        return $this->put($named, [$x, $y, $this->thick($z)], Axis::X, Axis::Z);
    }

    /** Parallel to the wall, grain along the wall. */
    public function strip(Named $named, Span $x, Length $y, Span $z): Panel
    {
        return $this->put($named, [$x, $this->thick($y), $z], Axis::X, Axis::Y);
    }

    /** Parallel to the wall, grain upright. */
    public function face(Named $named, Span $x, Length $y, Span $z): Panel
    {
        return $this->put($named, [$x, $this->thick($y), $z], Axis::Z, Axis::Y);
    }

    /** Grain from the wall into the room, lying flat. */
    public function out(Named $named, Span $x, Span $y, Length $z): Panel
    {
        return $this->put($named, [$x, $y, $this->thick($z)], Axis::Y, Axis::Z);
    }

    /** Grain from the wall into the room, standing on edge. */
    public function cheek(Named $named, Length $x, Span $y, Span $z): Panel
    {
        return $this->put($named, [$this->thick($x), $y, $z], Axis::Y, Axis::X);
    }

    /**
     * A board of sizes of its own; lumber, where nothing else was said.
     *
     * @param  array{Span, Span, Span}  $spans
     */
    public function bought(Named $named, array $spans, Axis $long, Axis $thin): Panel
    {
        return ($this->as === null ? $this->boughtAs(BoughtAs::Lumber) : $this)->put($named, $spans, $long, $thin);
    }

    private function thick(Length $from): Span
    {
        return Span::of($from, $this->board->thickness, Text::of('piece.board_thickness'));
    }

    /** @param  array{Span, Span, Span}  $spans */
    private function put(Named $named, array $spans, Axis $long, Axis $thin): Panel
    {
        [$x, $y, $z] = $spans;
        $by = ['x' => $x, 'y' => $y, 'z' => $z];
        $wide = array_values(array_diff(['x', 'y', 'z'], [$long->value, $thin->value]))[0];
        $block = new Block(new Place3($x->from, $y->from, $z->from), new Place3($x->value(), $y->value(), $z->value()));

        return $this->bench->put(new Panel($named->id, $this->bench->piece, $named->role, $named->name, $this->board->material,
            $by[$long->value]->size, $by[$wide]->size, Prism::of($block, $thin), $long, $thin, $this->banded, $this->hand, false, $this->as, [], $this->bay,
            closes: $this->closes, element: $this->belongs->element, set: $this->belongs->set, leads: $this->belongs->leads));
    }
}
