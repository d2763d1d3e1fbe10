<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** A plane overhead that falls along the run or along the depth; `flat`: a level ceiling goes on from its upper edge. */
final readonly class Slope
{
    public function __construct(public Along $along, public LowEnd $low, public bool $flat)
    {
    }

    /** +1 where the overhead rises with x or y, −1 where it falls. */
    public function direction(): int
    {
        return $this->low === LowEnd::Right ? -1 : 1;
    }
}
