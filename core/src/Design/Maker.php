<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Makes square boards from three stretches, each standing for its own trail. */
final readonly class Maker
{
    private function __construct(private Bench $bench, private Board $board, private ?string $bay, private Belongs $belongs)
    {
    }

    public static function at(Bench $bench, Board $board, ?string $bay = null): self
    {
        return new self($bench, $board, $bay, new Belongs);
    }

    public function of(Board $board): self
    {
        return new self($this->bench, $board, $this->bay, $this->belongs);
    }

    /** What it makes belongs to more than its bay. */
    public function belongingTo(Belongs $belongs): self
    {
        return new self($this->bench, $this->board, $this->bay, $belongs);
    }

    /** @param  list<string>  $banded */
    public function upright(string $id, Role $role, Text $name, Length $x, Span $y, Span $z, array $banded = [], ?Side $hand = null): Panel
    {
        return $this->put($id, $role, $name, [$this->thick($x), $y, $z], Axis::Z, Axis::X, $banded, $hand);
    }

    /** @param  list<string>  $banded */
    public function level(string $id, Role $role, Text $name, Span $x, Span $y, Length $z, array $banded = []): Panel
    {
        return $this->put($id, $role, $name, [$x, $y, $this->thick($z)], Axis::X, Axis::Z, $banded);
    }

    /**
     * Parallel to the wall, grain along the wall.
     *
     * @param  list<string>  $banded
     */
    public function strip(string $id, Role $role, Text $name, Span $x, Length $y, Span $z, array $banded = []): Panel
    {
        return $this->put($id, $role, $name, [$x, $this->thick($y), $z], Axis::X, Axis::Y, $banded);
    }

    /**
     * Parallel to the wall, grain upright.
     *
     * @param  list<string>  $banded
     */
    public function face(string $id, Role $role, Text $name, Span $x, Length $y, Span $z, array $banded = [], ?Side $hand = null): Panel
    {
        return $this->put($id, $role, $name, [$x, $this->thick($y), $z], Axis::Z, Axis::Y, $banded, $hand);
    }

    /** Grain from the wall into the room, lying flat. */
    public function out(string $id, Role $role, Text $name, Span $x, Span $y, Length $z): Panel
    {
        return $this->put($id, $role, $name, [$x, $y, $this->thick($z)], Axis::Y, Axis::Z);
    }

    /** A level board that closes a bay from above, banded in front. */
    public function lid(string $id, Text $name, Span $x, Span $y, Length $z, ?string $closes): Panel
    {
        return $this->put($id, Role::Lid, $name, [$x, $y, $this->thick($z)], Axis::X, Axis::Z, ['front'], closes: $closes);
    }

    /** Grain from the wall into the room, standing on edge. */
    public function cheek(string $id, Role $role, Text $name, Length $x, Span $y, Span $z, ?Side $hand = null): Panel
    {
        return $this->put($id, $role, $name, [$this->thick($x), $y, $z], Axis::Y, Axis::X, [], $hand);
    }

    /**
     * A board of sizes of its own, bought to size or lumber.
     *
     * @param  array{Span, Span, Span}  $spans
     */
    public function bought(string $id, Role $role, Text $name, array $spans, Axis $long, Axis $thin, BoughtAs $as = BoughtAs::Lumber): Panel
    {
        return $this->put($id, $role, $name, $spans, $long, $thin, [], null, $as);
    }

    private function thick(Length $from): Span
    {
        return Span::of($from, $this->board->thickness, Text::of('piece.board_thickness'));
    }

    /**
     * @param  array{Span, Span, Span}  $spans
     * @param  list<string>  $banded
     */
    private function put(string $id, Role $role, Text $name, array $spans, Axis $long, Axis $thin,
        array $banded = [], ?Side $hand = null, ?BoughtAs $as = null, ?string $closes = null): Panel
    {
        [$x, $y, $z] = $spans;
        $by = ['x' => $x, 'y' => $y, 'z' => $z];
        $wide = array_values(array_diff(['x', 'y', 'z'], [$long->value, $thin->value]))[0];
        $block = Block::of($x->from, $y->from, $z->from, $x->value(), $y->value(), $z->value());

        return $this->bench->put(new Panel($id, $this->bench->piece, $role, $name, $this->board->material, $by[$long->value]->size, $by[$wide]->size,
            Prism::of($block, $thin), $long, $thin, $banded, $hand, false, $as, [], $this->bay,
            closes: $closes, element: $this->belongs->element, set: $this->belongs->set, leads: $this->belongs->leads));
    }
}
