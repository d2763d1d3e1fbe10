<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
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
 * for what goes to its place as a whole. And what hangs, and can turn about what holds it: a rail on one screw, a top on a row of screws, a
 * shelf at one end.
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

        foreach ($built->boards(Role::Shelf) as $shelf) {
            if ($this->isOneEnded($shelf, $built, $assembly)) {
                $findings[$shelf->id] ??= FindingFactory::look('strength.one_end', new Place(WorkStage::Piece, $shelf->id), 'hanging',
                    ['part' => $shelf->name]);
            }
        }

        return array_values($findings);
    }

    /** One upright holds it, a slope has left it no other, and nothing is under it. */
    private function isOneEnded(Panel $shelf, PlacedPiece $built, Assembly $assembly): bool
    {
        $holders = [];
        foreach ($built->design->joints as $joint) {
            $isHeld = $joint->first === $shelf->id && isset($built->panels[$joint->second]) && $joint->axis !== Axis::Z;
            $holders += $isHeld && ! in_array($joint->kind, [JointKind::Clears, JointKind::Faced, JointKind::Rests], true) ? [$joint->second => true] : [];
        }
        $carriers = $assembly->carriers($built->piece->id);

        return count($holders) === 1 && ! $carriers->isBacked($shelf) && $carriers->stretches($shelf, $shelf->inHouse($shelf->long)) === null;
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
