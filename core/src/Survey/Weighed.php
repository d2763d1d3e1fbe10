<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** How well one thing is known, before it is asked what is to stand there: what is stated and its doubt (±, 95 %), in mm or degrees. */
final readonly class Weighed
{
    /**
     * @param  list<Unread>  $unread  where nobody has read what it hangs on
     * @param  list<string>  $hiding  ids of the readings that it hangs on and that nothing else checks
     * @param  list<string>  $suspect  ids of those that are likely a slip
     * @param  array<string, float>  $behind  how much of a mm or degree of each reading goes into it, mm
     */
    public function __construct(
        public string $name,
        public float $stated,
        public float $doubt,
        public float $enough,
        public array $unread = [],
        public array $hiding = [],
        public array $suspect = [],
        public array $behind = [],
    ) {
    }

    /** @param  float|null  $ask  what the piece takes; comfortably more settles it too */
    public function isSettled(?float $ask): bool
    {
        $isKnown = $this->doubt <= $this->enough && [...$this->unread, ...$this->hiding, ...$this->suspect] === [];

        return $isKnown || ($ask !== null && $this->stated - 1.5 * $this->doubt >= $ask);
    }

    public function known(?float $ask): Known
    {
        return new Known($this, $this->isSettled($ask));
    }
}
