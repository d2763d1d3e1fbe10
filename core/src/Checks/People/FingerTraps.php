<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A gap at something that moves, between 5 and 12 mm, takes a child's finger and keeps it (usual figure for children's furniture in Europe;
 * check yours). Silent where no children live.
 */
final class FingerTraps implements Check
{
    private const FROM_MM = 5;

    private const TO_MM = 12;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->project->house->children ? $built->design->cells : [] as $id => $cell) {
            foreach (['fill' => $cell->bay->fill->is, 'door' => $cell->bay->door?->is] as $what => $is) {
                $gap = $is?->optionalLength('gap');
                if ($gap !== null && $gap->isGreaterThan(Length::fromMillimetres(self::FROM_MM)) && $gap->isLessThan(Length::fromMillimetres(self::TO_MM))) {
                    $limit = Length::fromMillimetres(self::FROM_MM);
                    $findings[] = FindingFactory::look('people.finger_trap', Place::inPiece($id), 'children',
                        ['bay' => $cell->label, 'gap' => $gap, 'from' => $limit, 'to' => Length::fromMillimetres(self::TO_MM)])
                        ->measuring($gap, $limit)->curedBy($built->cure(Text::of('people.finger_trap.fix', from: $limit), $id, [$what, 'gap'], $limit));
                }
            }
        }

        return $findings;
    }
}
