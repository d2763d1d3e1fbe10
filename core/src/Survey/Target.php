<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Something the piece must know of the room: how to take it from a state, how well it must be known, and what is asked of it. */
final readonly class Target
{
    /**
     * @param  list<int>  $unknowns  all that bear on it, places between stations included
     * @param  \Closure(array<int, float>): float  $value  mm, or degrees
     * @param  float  $stated  what the plan says
     * @param  float  $enough  doubt (±, 95 %) that is good enough
     * @param  float|null  $ask  what the piece takes; comfortably more settles it too
     */
    public function __construct(
        public string $name,
        public array $unknowns,
        public \Closure $value,
        public float $stated,
        public float $enough,
        public ?float $ask = null,
    ) {
    }

    public function isSettled(float $doubt): bool
    {
        return $doubt <= $this->enough || ($this->ask !== null && $this->stated - 1.5 * $doubt >= $this->ask);
    }
}
