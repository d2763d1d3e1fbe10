<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Measure\Length;

/** How far the wall stands off the carcass at one height (front of the opening). */
final readonly class GapAt implements \JsonSerializable
{
    public function __construct(public Length $z, public Length $gap, public bool $exact)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['z' => $this->z, 'gap' => $this->gap, 'exact' => $this->exact];
    }
}
