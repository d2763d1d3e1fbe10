<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

enum Axis: string
{
    case X = 'x';
    case Y = 'y';
    case Z = 'z';

    /** @return array{self, self} the two it is square to, in their order */
    public function others(): array
    {
        return match ($this) {
            self::X => [self::Y, self::Z],
            self::Y => [self::X, self::Z],
            self::Z => [self::X, self::Y],
        };
    }
}
