<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A stretch along one axis of a run's frame: where it begins, and how long it is and why. */
final readonly class Span
{
    public function __construct(public Length $from, public Figure $size)
    {
    }

    public static function of(Length $from, Length $size, Text $why, ?string $ref = null): self
    {
        return new self($from, Figure::of($size, $why, $ref));
    }

    public function to(): Length
    {
        return $this->from->plus($this->size->value);
    }

    /** Shorter by so much at its beginning. */
    public function afterFirst(Length $by, Text $why): self
    {
        return $by->isZero() ? $this : new self($this->from->plus($by), $this->size->minus($by, $why));
    }

    /** Shorter by so much at its end. */
    public function beforeLast(Length $by, Text $why): self
    {
        return $by->isZero() ? $this : new self($this->from, $this->size->minus($by, $why));
    }

    /** Shorter by so much at each end. */
    public function inside(Length $each, Text $why): self
    {
        return $each->isZero() ? $this : new self($this->from->plus($each), $this->size->minus($each->times(2), $why));
    }

    /** Longer by so much at each end. */
    public function outside(Length $each, Text $why): self
    {
        return $each->isZero() ? $this : new self($this->from->minus($each), $this->size->plus($each->times(2), $why));
    }

    /** A stretch of its own at its beginning. */
    public function first(Length $size, Text $why): self
    {
        return self::of($this->from, $size, $why);
    }

    /** A stretch of its own at its end. */
    public function last(Length $size, Text $why): self
    {
        return self::of($this->to()->minus($size), $size, $why);
    }

    /** So far from its beginning. */
    public function at(Length $offset, Length $size, Text $why): self
    {
        return self::of($this->from->plus($offset), $size, $why);
    }

    public function named(Text $name): self
    {
        return new self($this->from, $this->size->named($name));
    }

    public function value(): Length
    {
        return $this->size->value;
    }
}
