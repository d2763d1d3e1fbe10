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
use Incastro\Core\Measure\Text;

/**
 * A gas pipe that is boxed in or moved waits for a gas fitter; a trap, a valve or a pipe that is taken off and moved for a plumber
 * (fieldbook §5; usual rule, check yours).
 */
final class ServicesMoved implements Check
{
    private const WATER = [ThingKind::Pipe, ThingKind::HotPipe, ThingKind::Trap, ThingKind::ShutOff, ThingKind::Cleanout];

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->room->things as $placed) {
            [$kind, $treatment] = [$placed->thing->kind, $placed->thing->treatment];
            $decides = match (true) {
                $kind === ThingKind::GasPipe && in_array($treatment, [Treatment::BoxIn, Treatment::Notch, Treatment::TakeOff], true) => Authority::GasFitter,
                in_array($kind, self::WATER, true) && $treatment === Treatment::TakeOff => Authority::Plumber,
                default => null,
            };
            if ($decides !== null) {
                $findings[] = FindingFactory::gate('house.service_moved', new Place(WorkStage::Site, $placed->thing->id),
                    $decides, ['thing' => $placed->name(), 'who' => Text::of("decides.{$decides->value}")]);
            }
        }

        return $findings;
    }
}
