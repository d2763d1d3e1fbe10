<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Measure\Text;

/** A board over the whole rear of the bay: something to fix to anywhere. */
final class Backer implements FillMaker
{
    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $at->maker()
            ->face(new Named("{$cell->bay->id}:backer", Role::Board, Text::of('part.backer', bay: $cell->label)), $cell->x, $cell->y->from, $cell->z);
    }
}
