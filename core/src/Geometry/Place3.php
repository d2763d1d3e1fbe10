<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/** A point of the house: x to the right along the back wall, y out of it toward the room, z up. Left-handed. */
final readonly class Place3
{
    public function __construct(public Length $x, public Length $y, public Length $z)
    {
    }

    /** The same but for one axis. */
    public function with(Axis $axis, Length $at): self
    {
        return match ($axis) {
            Axis::X => new self($at, $this->y, $this->z),
            Axis::Y => new self($this->x, $at, $this->z),
            Axis::Z => new self($this->x, $this->y, $at),
        };
    }

    public function plus(self $other): self
    {
        return new self($this->x->plus($other->x), $this->y->plus($other->y), $this->z->plus($other->z));
    }

    /** (x, −y, z): the only way into right-handed tools (solids, 3-D export). */
    public function toRightHanded(): self
    {
        return new self($this->x, $this->y->negated(), $this->z);
    }
}
