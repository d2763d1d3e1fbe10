<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Plan;
use Incastro\Core\Planner;

/** `plan PROJECT.json` */
final class PlanCommand
{
    public function run(Arguments $arguments): Plan
    {
        $arguments->allow([]);

        return Planner::plan(CanonicalJson::decode($arguments->file('The project file')));
    }
}
