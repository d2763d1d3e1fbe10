<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Text;

/**
 * What neither floor nor wall is reached from: nothing it stands on, no joint and no screw ties it to anything that is held. One finding
 * for what goes to its place as a whole. And what hangs, and can turn about what holds it: a rail on one screw, a top on a row of screws.
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

        foreach ($this->turning($built, $assembly) as $unit) {
            $name = $unit->kind === UnitKind::Carcass && count($unit->panels) > 1 ? $unit->name($built->piece) : $unit->panels[0]->name;
            $findings[$unit->id] ??= new Finding('strength.turns', $unit->kind === UnitKind::Carcass ? Severity::Stop : Severity::Look,
                new Place(WorkStage::Fit, $unit->panels[0]->id), Text::of('strength.turns', what: $name), Text::of('strength.turns.remedy'),
                Text::of('source.hanging'));
        }

        return array_values($findings);
    }

    /** @return list<Unit> of the piece; what hangs on one that turns goes with it, and is not told by itself */
    private function turning(PlacedPiece $built, Assembly $assembly): array
    {
        $own = array_values(array_filter($assembly->turning(), fn (Unit $u): bool => $u->panels[0]->piece === $built->piece->id));
        $screwed = array_map(fn (WallFastener $f): string => $f->board->id, $assembly->wallScrews($built->piece->id));
        $first = array_values(array_filter($own, fn (Unit $u): bool => array_intersect($u->ids(), $screwed) !== []));

        return $first === [] ? array_slice($own, 0, 1) : $first;
    }

    private static function finding(Body $body, Text $name, PlacedPiece $built): Finding
    {
        $args = ['what' => $name, 'up' => $body->bounds->from(Axis::Z)->minus($built->room->floorHighPoint())];

        return new Finding('strength.held_by_nothing', Severity::Stop, new Place(WorkStage::Fit, $body->id),
            Text::of('strength.held_by_nothing', ...$args), Text::of('strength.held_by_nothing.remedy'), Text::of('source.hanging'));
    }
}
