<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;

/** Face widths of a face frame (fieldbook §6). */
final readonly class FrameWidths
{
    public Length $stile;

    public Length $topRail;

    public Length $rail;

    public function __construct()
    {
        [$this->stile, $this->topRail, $this->rail] = array_map(Length::fromMillimetres(...), [38, 60, 38]);
    }
}
