<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Measure\Length;

/** How far the house stands off the straight piece at one place along an edge: a height, or a place along the run or the depth. */
final readonly class GapAt implements \JsonSerializable
{
    public function __construct(public Length $at, public Length $gap, public bool $exact)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['at' => $this->at, 'gap' => $this->gap, 'exact' => $this->exact];
    }
}
