<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Workplace;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Text;

/** Behind the run along the other wall: nothing is made there, and what is lost is named. */
final class DeadCorner implements FillMaker
{
    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $at->bench->find(Finding::ofPiece('piece.dead_corner', Severity::Note, $cell->bay->id,
            Text::of('piece.dead_corner', bay: $cell->label, w: $cell->x->value(), d: $cell->y->value(), h: $cell->z->value())));
    }
}
