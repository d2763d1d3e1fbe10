<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Findings\Authority;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;

/** Never cut a stringer, a post or a beam; what may carry load waits for a structural engineer (fieldbook §5). */
final class StructureCut implements Check
{
    private const CARRIES = [ThingKind::Beam, ThingKind::Post, ThingKind::Stringer, ThingKind::BumpOut];

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->room->things as $placed) {
            if (in_array($placed->thing->kind, self::CARRIES, true) && in_array($placed->thing->treatment, [Treatment::TakeOff, Treatment::CutThrough], true)) {
                $findings[] = FindingFactory::gate('house.structure_cut', new Place(WorkStage::Site, $placed->thing->id),
                    Authority::StructuralEngineer, ['thing' => $placed->name()]);
            }
        }

        return $findings;
    }
}
