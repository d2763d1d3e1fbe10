<?php

declare(strict_types=1);

/** Prints app/Print/PlanShapes.php as it follows from the plan's schema; `npm run types` keeps it. */
require __DIR__.'/PlanShapes.php';

$schema = json_decode((string) file_get_contents(__DIR__.'/../../schema/plan.schema.json'), true, 512, JSON_THROW_ON_ERROR);
echo (new PlanShapes($schema))->php();
