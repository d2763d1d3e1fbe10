<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Workplace;

/** Makes what one bay holds. What cannot work is said, and not made. */
interface FillMaker
{
    public function make(Workplace $at): void;
}
