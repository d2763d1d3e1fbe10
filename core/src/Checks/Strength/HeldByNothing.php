<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Text;

/**
 * What neither floor nor wall is reached from: nothing it stands on, no joint and no screw ties it to anything that is held. One finding
 * for what goes to its place as a whole.
 */
final class HeldByNothing implements HoldingCheck
{
    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $findings = [];
        foreach ($assembly->loose() as $body) {
            $unit = $assembly->footing->units[$body->id] ?? null;
            if ($body->piece === $built->piece->id) {
                $name = $unit?->kind === UnitKind::Carcass && count($unit->panels) > 1 ? $unit->name($built->piece) : $body->name;
                $findings[$unit->id ?? $body->id] ??= self::finding($body, $name, $built);
            }
        }

        return array_values($findings);
    }

    private static function finding(Body $body, Text $name, PlacedPiece $built): Finding
    {
        $args = ['what' => $name, 'up' => $body->bounds->from(Axis::Z)->minus($built->room->floorHighPoint())];

        return new Finding('strength.held_by_nothing', Severity::Stop, new Place(WorkStage::Fit, $body->id),
            Text::of('strength.held_by_nothing', ...$args), Text::of('strength.held_by_nothing.remedy'), Text::of('source.hanging'));
    }
}
