<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** Every part of the project and how its sheets are cut. */
final readonly class Cutting
{
    /**
     * @param  list<Part>  $parts
     * @param  array<string, Nested>  $nested  by material
     * @param  list<string>  $accepted  materials whose accepted layout is in use
     */
    public function __construct(public array $parts, public array $nested, public array $accepted)
    {
    }
}
