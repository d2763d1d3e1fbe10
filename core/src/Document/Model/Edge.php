<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** How one side of the piece meets its wall, and how far the carcass stands off at the tightest plumb point. */
final readonly class Edge
{
    /** @param  float|null  $spring  degrees between the back of a moulding and the wall */
    public function __construct(public EdgeKind $kind, public Length $setOff, public ?float $spring = null, public ?FloatingSchool $floating = null)
    {
    }
}
