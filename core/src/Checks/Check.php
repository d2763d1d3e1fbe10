<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Findings\Finding;

/** One rule that reads a whole fitted piece. */
interface Check
{
    /** @return list<Finding> */
    public function of(Built $built): array;
}
