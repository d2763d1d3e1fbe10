<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Design\Panel;
use Incastro\Core\Measure\Figure;

/** A panel as it is cut: the finished size less what its banded edges add. */
final readonly class Part
{
    public function __construct(
        public Panel $panel,
        public Figure $length,
        public Figure $width,
        public bool $grainFixed,
    ) {
    }
}
