<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Geometry\Shared;

/** Two bodies that want the same room. */
final readonly class Clash
{
    /** Deeper than this, and larger: mm and mm³. Less is what rounding leaves. */
    public const DEEP = 0.1;

    public const LARGE = 1.0;

    public function __construct(public Body $first, public Body $second, public Shared $room)
    {
    }

    public function isOfOnePiece(): bool
    {
        return $this->first->piece === $this->second->piece;
    }
}
