<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\OpenBack;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;

/**
 * An appliance behind a door and before a closed back cooks itself: air has to come in below and go out above (from practice; the maker's
 * manual decides how much).
 */
final class ApplianceAir implements Check
{
    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            if ($cell->bay->fill->kind === FillKind::Appliance && $cell->bay->door !== null && ! $cell->bay->openBack && $cell->by->back !== null) {
                $findings[] = FindingFactory::look('house.appliance_air', Place::inPiece($id),
                    'makers', ['bay' => $cell->label])->curedBy(OpenBack::of($cell, $built));
            }
        }

        return $findings;
    }
}
