<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/** A point on paper: across to the right, up. */
final readonly class Point implements \JsonSerializable
{
    public function __construct(public Length $across, public Length $up)
    {
    }

    /** @return array{Length, Length} */
    public function jsonSerialize(): array
    {
        return [$this->across, $this->up];
    }
}
