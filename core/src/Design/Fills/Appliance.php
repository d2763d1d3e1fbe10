<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Workplace;
use Incastro\Core\Measure\Length;

/** Room for an appliance: as wide, high and deep as the maker says, with air around it. */
final class Appliance implements FillMaker
{
    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $air = $is->length('air');
        $needs = [
            'wide' => [$cell->mouth->x->value(), $is->length('width')->plus($air->times(2))],
            'high' => [Length::least($cell->mouth->z->value(), $cell->least), $is->length('height')->plus($air)],
            'deep' => [$cell->y->value(), $is->length('depth')->plus($air)],
        ];
        foreach ($needs as $axis => [$has, $need]) {
            if ($has->isLessThan($need)) {
                $at->cannot("piece.appliance_$axis", $has, $need);
            }
        }
    }
}
