<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Measure\Length;

/**
 * One screw, dowel, pin or hinge: it goes from the first body into the second. The holes that are drilled for it at the bench belong to it:
 * the hole is where the screw is. What is driven in the room, or through a thin board, has none.
 */
final readonly class Fastener
{
    /**
     * @param  string  $from  the body it is driven from the face of
     * @param  string|null  $into  null where it is not known what a hinge hangs on
     * @param  Length|null  $length  as it is sold, of what is driven
     * @param  Drill  $drive  where it goes in, and which way
     * @param  list<Bore>  $bores  in the boards it goes through
     * @param  Length  $sunk  how deep a wider hole its head goes into first, for the point to reach
     * @param  int  $number  among those of its piece
     */
    private function __construct(public FastenerKind $kind, public string $from, public ?string $into, public ?Length $length,
        public Drill $drive, public array $bores, public Length $sunk, private int $number = 0)
    {
    }

    /** @param  non-empty-list<Bore>  $bores  the one it goes in by first */
    public static function drilled(FastenerKind $kind, string $into, ?Length $length, array $bores): self
    {
        return new self($kind, $bores[0]->part, $into, $length, new Drill($bores[0]->at, $bores[0]->into, $bores[0]->upward), $bores, Length::zero());
    }

    /** A hinge: a cup in a leaf, and a plate on what it hangs on. */
    public static function hinge(Bore $cup, Bore ...$plate): self
    {
        return new self(FastenerKind::Hinge, $cup->part, $cup->with, null, new Drill($cup->at, $cup->into, $cup->upward),
            [$cup, ...array_values($plate)], Length::zero());
    }

    /** @param  array{string, string}  $bodies  from and into */
    public static function driven(FastenerKind $kind, array $bodies, Length $length, Drill $drive): self
    {
        return new self($kind, $bodies[0], $bodies[1], $length, $drive, [], Length::zero());
    }

    public function sunkBy(Length $deep): self
    {
        return new self($this->kind, $this->from, $this->into, $this->length, $this->drive, $this->bores, $deep);
    }

    /** One a plan, among those of its piece. */
    public function id(): string
    {
        return "$this->from $this->into {$this->kind->value} $this->number";
    }

    public function numbered(int $number): self
    {
        return new self($this->kind, $this->from, $this->into, $this->length, $this->drive, $this->bores, $this->sunk, $number);
    }

    public function joins(string $a, string $b): bool
    {
        return ($this->from === $a && $this->into === $b) || ($this->from === $b && $this->into === $a);
    }

    /** Its holes are drilled at the bench. */
    public function isDrilled(): bool
    {
        return $this->bores !== [];
    }
}
