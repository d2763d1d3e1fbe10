<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;

/**
 * The opening that is seen from the front, and what is left of board or frame around it for a door to lie over. `y` is the
 * plane of the front. `recessed`: it lies behind a frame or a door, where nothing can lie over its edges.
 */
final readonly class Mouth
{
    public function __construct(
        public Span $x,
        public Span $z,
        public Length $y,
        public bool $framed,
        public Length $leftFace,
        public Length $rightFace,
        public Length $headFace,
        public Length $footFace,
        public bool $sharesLeft = false,
        public bool $sharesRight = false,
        public bool $sharesHead = false,
        public bool $sharesFoot = false,
        public bool $recessed = false,
    ) {
    }
}
