<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Measure\Length;

/** What the clear width may be out by (±, 95 %), how well everything else is known, and the readings that would help, best first. */
final readonly class Doubt
{
    public ?Length $then;

    /** The advised reading that helps the clear width most. */
    public ?Advice $forWidth;

    /**
     * @param  float  $stated  the clear width the doubt is about, mm
     * @param  list<Known>  $known
     * @param  list<Advice>  $next
     */
    public function __construct(public Length $now, public float $stated, public array $known, public array $next)
    {
        $this->forWidth = array_values(array_filter($next, fn (Advice $a): bool => $a->helps === 'clear_width'))[0] ?? null;
        $this->then = $this->forWidth === null ? null : Clip::nearest($this->forWidth->then);
    }

    /** Known well enough, or not asked of this space. */
    public function isSettled(string $name): bool
    {
        return array_filter($this->known, fn (Known $k): bool => $k->name === $name && ! $k->settled) === [];
    }

    public function isEnough(): bool
    {
        return array_filter($this->known, fn (Known $k): bool => ! $k->settled) === [];
    }
}
