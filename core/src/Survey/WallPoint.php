<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Where a wall stands at one height: x, whether that is exact arithmetic on readings, and the reading that says so; `thing` is what stands
 * proud of it there; `y` how far from the back, where it is neither at the front nor at the back.
 */
final readonly class WallPoint
{
    public function __construct(
        public Length $z,
        public Plane $plane,
        public Length $x,
        public bool $exact,
        public ?string $reading,
        public ?Text $thing = null,
        public ?Length $y = null,
    ) {
    }
}
