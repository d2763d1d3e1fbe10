<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Part;

/** What is still to be laid: the parts, which of them mirror each other, and how each is asked for. */
final readonly class ToLay
{
    /**
     * @param  list<Part>  $parts
     * @param  array<string, string>  $pairs  the mirror image of a part, both ways
     */
    public function __construct(public array $parts, public array $pairs, public LaidParts $as)
    {
    }
}
