<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Something the piece must know of the room: how to take it from a state, and how well it must be known. */
final readonly class Target
{
    /**
     * @param  list<int>  $unknowns  all that bear on it, places between stations included
     * @param  \Closure(array<int, float>): float  $value  mm, or degrees
     * @param  float  $enough  doubt (±, 95 %) that is good enough
     * @param  (\Closure(array<int, float>): float)|null  $stated  what the plan says, where that is not `value`
     */
    public function __construct(
        public string $name,
        public array $unknowns,
        public \Closure $value,
        public float $enough,
        private ?\Closure $stated = null,
    ) {
    }

    /** @param  array<int, float>  $state */
    public function stated(array $state): float
    {
        return ($this->stated ?? $this->value)($state);
    }
}
