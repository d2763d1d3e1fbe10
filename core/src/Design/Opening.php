<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;

/**
 * A place between two uprights that rows of bays divide. `x` includes the two outer boards where `ends` is 2. `deep`: where an
 * upright that stands on the floor reaches to; `frame`: the face frame around it, if any; `floors`: the bottom under each bay.
 */
final readonly class Opening
{
    /** @param  array<string, string>  $floors */
    public function __construct(
        public Span $x,
        public int $ends,
        public Span $y,
        public Length $z,
        public Bounding $by,
        public Length $deep,
        public ?FrameWidths $frame,
        public string $prefix = '',
        public array $floors = [],
        public bool $recessed = false,
    ) {
    }
}
