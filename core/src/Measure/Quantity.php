<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

use Brick\Math\BigRational;

/**
 * A value inside a sum while it is being read: mm where it is a length, else a bare number.
 * `fraction` marks a bare vulgar fraction, which a millimetre project reads as inches.
 */
final readonly class Quantity
{
    public function __construct(
        public BigRational $value,
        public bool $isLength,
        public bool $fraction = false,
    ) {
    }
}
