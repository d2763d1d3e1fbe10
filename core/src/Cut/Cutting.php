<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Cut\Begun\Started;
use Incastro\Core\Cut\Lumber\Sticks;
use Incastro\Core\Cut\Machining\Hand;
use Incastro\Core\Cut\Nest\LaidParts;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\ToLay;

/** Every part of the project and how its sheets are cut. */
final readonly class Cutting
{
    /** @var array<string, string> marks by part */
    public array $labels;

    /**
     * @param  list<Part>  $parts
     * @param  array<string, Nested>  $nested  by material
     * @param  array<string, Nested>  $own  the same before any part was moved into leftovers, without begun sheets
     * @param  list<string>  $accepted  materials whose accepted layout is in use
     * @param  array<string, string>  $moved  the material whose leftovers a part is cut from, where it is not its own
     * @param  list<Sticks>  $lumber  by section
     * @param  array<string, string>  $pairs  the mirror image of a part, both ways
     * @param  array<string, Hand>  $hands  by part
     * @param  Started  $started  what lies on begun sheets
     */
    public function __construct(public array $parts, public array $nested, public array $own, public array $accepted, public array $moved,
        public array $lumber, public array $pairs, public array $hands, public Started $started, public LaidParts $laid)
    {
        $this->labels = Labels::of($parts, $hands);
    }

    /** What is not cut from begun sheets. */
    public function open(): ToLay
    {
        $parts = array_filter($this->parts, fn (Part $p): bool => ! isset($this->started->parts[$p->panel->id]));

        return new ToLay(array_values($parts), $this->pairs, $this->laid);
    }
}
