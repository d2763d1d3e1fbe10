<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Measure\Length;

/**
 * One screw, dowel, pin or hinge: it goes from the first body into the second. Its holes, if it has any, belong to it: the hole is where
 * the screw is.
 */
final readonly class Fastener
{
    /**
     * @param  string  $from  the body it is driven from the face of
     * @param  string|null  $into  null where it is not known what a hinge hangs on
     * @param  Length|null  $length  as it is sold, of what is driven
     * @param  non-empty-list<Bore>  $bores  in the boards it goes through
     */
    public function __construct(public FastenerKind $kind, public string $from, public ?string $into, public ?Length $length, public array $bores)
    {
    }

    /** One a plan: of two that were of one kind at one place, one would have been moved. */
    public function id(): string
    {
        $at = $this->bores[0]->at;

        return "$this->from {$this->kind->value} {$at->x->units} {$at->y->units} {$at->z->units}";
    }

    public function joins(string $a, string $b): bool
    {
        return ($this->from === $a && $this->into === $b) || ($this->from === $b && $this->into === $a);
    }

    /** The bore it goes in by. */
    public function head(): Bore
    {
        return $this->bores[0];
    }

    /** The bore it ends in. */
    public function bite(): Bore
    {
        return $this->bores[count($this->bores) - 1];
    }
}
