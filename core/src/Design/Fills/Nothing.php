<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Workplace;

/** Nothing but the opening itself. */
final class Nothing implements FillMaker
{
    public function make(Workplace $at): void
    {
    }
}
