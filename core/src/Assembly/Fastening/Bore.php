<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/**
 * A hole in a board, in the house. `at` is the middle of its mouth, `into` and `upward` the way it is drilled, `depth` null
 * right through; `room` all it takes of the board; `with` the part it is for, `screw` the length of the screw that goes in.
 */
final readonly class Bore
{
    public function __construct(
        public BoreKind $kind,
        public string $part,
        public ?string $with,
        public Place3 $at,
        public Axis $into,
        public bool $upward,
        public Length $diameter,
        public ?Length $depth,
        public Block $room,
        public ?Length $screw = null,
    ) {
    }

    /** Square to the face or edge it is drilled from. */
    public static function round(Hole $hole, Panel $board, ?string $with, Drill $drill): self
    {
        [$at, $into, $upward, $diameter] = [$drill->at, $drill->into, $drill->upward, $hole->diameter];
        $half = $diameter->half();
        $room = new Block(new Place3($at->x->minus($half), $at->y->minus($half), $at->z->minus($half)), new Place3($diameter, $diameter, $diameter));
        $k = $into->value;
        $deep = $hole->depth ?? $board->block->size->$k;

        return new self($hole->kind, $board->id, $with, $at, $into, $upward, $diameter, $hole->depth,
            $room->along($into, $upward ? $at->$k : $at->$k->minus($deep), $deep), $hole->screw);
    }

    /** Where the driver's point stands, so far before the screw's head. */
    public function beforeHead(Length $by): Place3
    {
        $k = $this->into->value;

        return $this->at->with($this->into, $this->upward ? $this->at->$k->minus($by) : $this->at->$k->plus($by));
    }

    /** Nearer than the wall that must stay between them. */
    public function meets(self $other, Length $wall): bool
    {
        [$p, $a, $q, $b, $w] = [$this->room->corner, $this->room->size, $other->room->corner, $other->room->size, $wall->units];

        return $p->x->units < $q->x->units + $b->x->units + $w && $q->x->units < $p->x->units + $a->x->units + $w
            && $p->y->units < $q->y->units + $b->y->units + $w && $q->y->units < $p->y->units + $a->y->units + $w
            && $p->z->units < $q->z->units + $b->z->units + $w && $q->z->units < $p->z->units + $a->z->units + $w;
    }
}
