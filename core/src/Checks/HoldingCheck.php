<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Cut\Machining\Bored;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\PlacedPiece;

/** One rule that reads what holds a piece. */
interface HoldingCheck
{
    /** @return list<Finding> */
    public function of(PlacedPiece $built, Bored $bored, Assembly $assembly): array;
}
