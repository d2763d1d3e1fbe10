<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Cell;
use Incastro\Core\Document\Model\Country;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Unit;

/**
 * What is plugged in together in one piece, by what its appliances draw (fieldbook §12, for information): 1440 W on a US circuit of 15 A, of which
 * four fifths are for what runs on; 3000 W on a UK plug, which serves elsewhere too. An electrician decides.
 */
final class CircuitFull implements Check
{
    public function of(PlacedPiece $built): array
    {
        $cells = array_filter($built->design->cells, fn (Cell $c): bool => $c->bay->fill->kind === FillKind::Appliance);
        $watts = array_sum(array_map(fn (Cell $c): int => $c->bay->fill->is->count('watts'), $cells));
        $country = $built->project->house->country ?? ($built->project->unit === Unit::Inch ? Country::UnitedStates : Country::UnitedKingdom);
        $most = $country === Country::UnitedStates ? 1_440 : 3_000;

        return $watts <= $most ? []
            : [FindingFactory::look('house.circuit_full', new Place(WorkStage::Piece, (string) array_key_first($cells)),
                'circuits', ['watts' => $watts, 'most' => $most])];
    }
}
