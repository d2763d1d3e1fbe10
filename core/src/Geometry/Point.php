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

    /** @return array{int|float, int|float} mm; a plan has thousands, so the numbers are given and not what gives them */
    public function jsonSerialize(): array
    {
        return [$this->across->millimetres(), $this->up->millimetres()];
    }
}
