<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;

/** A screw into a sliding door's cavity or where nothing may be fixed (fieldbook §5): it holds nothing and breaks what is behind. */
final class NoFixPierced implements HoldingCheck
{
    private const ZONES = [ThingKind::DoorCavity, ThingKind::NoFix];

    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $findings = [];
        foreach ($built->room->things as $placed) {
            $isZone = in_array($placed->thing->kind, self::ZONES, true) && $placed->thing->face === Face::Back;
            $in = array_filter($isZone ? $assembly->wallScrews($built->piece->id) : [], fn (WallFastener $s): bool => $s->isBehind($placed->block));
            if ($in !== []) {
                $findings[] = FindingFactory::look('house.no_fix_pierced', new Place(WorkStage::Site, $placed->thing->id),
                    'obstacles', ['thing' => $placed->name(), 'n' => count($in), 'part' => array_values($in)[0]->board->name])->graded(Severity::Stop);
            }
        }

        return $findings;
    }
}
