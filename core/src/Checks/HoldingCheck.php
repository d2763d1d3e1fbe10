<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\PlacedPiece;

/** One rule that reads what holds a piece, or what is drilled into it for that. */
interface HoldingCheck
{
    /** @return list<Finding> */
    public function of(PlacedPiece $built, Assembly $assembly): array;
}
