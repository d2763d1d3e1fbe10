<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * One stretch of the way in: clear width, and height under head, ceiling or lamp. `into` is the width turned into;
 * `gain` is what taking `off` (a door leaf, a stop, a lamp) adds to the width.
 */
final readonly class WaySegment
{
    public function __construct(
        public string $id,
        public WayKind $kind,
        public string $name,
        public Length $width,
        public Length $height,
        public ?Length $into,
        public ?Length $gain,
        public ?string $off,
    ) {
    }
}
