<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Details;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * A box to be found second-hand: how large it may be to go in where it is planned, so that one who finds another knows on the spot (from
 * practice). Silent once it is measured.
 */
final class BoxRange implements Check
{
    private const PLAY_MM = 2;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            $is = $cell->bay->fill->is;
            if ($cell->bay->fill->kind === FillKind::BoughtBox && $is->optionalLength('width') === null) {
                $play = Length::fromMillimetres(self::PLAY_MM);
                $wide = $cell->mouth->x->value()->splitInto($is->count('count'))[0]->minus($play);
                $high = Length::least($cell->mouth->z->value(), $cell->least)->minus($is->length('base'))->minus($play);
                $findings[] = FindingFactory::note('piece.box_range', Place::inPiece($id), 'practice',
                    ['bay' => $cell->label, 'wide' => $wide, 'high' => $high, 'deep' => $cell->y->value()]);
            }
        }

        return $findings;
    }
}
