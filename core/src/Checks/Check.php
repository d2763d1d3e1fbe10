<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\PlacedPiece;

/** One rule that reads a whole fitted piece. */
interface Check
{
    /** @return list<Finding> */
    public function of(PlacedPiece $built): array;
}
