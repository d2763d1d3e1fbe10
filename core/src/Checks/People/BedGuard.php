<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\Country;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A high bed has a guard (fieldbook §7): over 762 mm from the floor to its underside 127 above the mattress (US), from 600 mm 160 above it
 * (EN). Where nobody says which country, the stricter. Usual rule, check yours.
 */
final class BedGuard implements Check
{
    public function of(PlacedPiece $built): array
    {
        [$high, $over] = array_map(Length::fromMillimetres(...), $built->project->house->country === Country::UnitedStates ? [762, 127] : [600, 160]);
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            // Rails and guards; a post stands on the floor and keeps nobody in.
            $rail = $cell->bay->fill->kind !== FillKind::Bed ? []
                : array_values(array_filter($built->inBay($id, Role::BedRail), fn (Panel $p): bool => $p->long !== Axis::Z));
            $slats = $built->inBay($id, Role::Slat);
            if ($rail === [] || $slats === []) {
                continue;
            }
            $under = Length::least(...array_map(fn (Panel $p): Length => $p->block->corner->z, $rail))->minus($built->room->floorHighPoint());
            $mattress = $slats[0]->block->to(Axis::Z)->plus($cell->bay->fill->is->length('mattress_height'));
            $guard = Length::greatest(...array_map(fn (Panel $p): Length => $p->block->to(Axis::Z), $rail))->minus($mattress);
            $isHigh = $built->project->house->country === Country::UnitedStates ? $under->isGreaterThan($high) : ! $under->isLessThan($high);
            if ($isHigh && $guard->isLessThan($over)) {
                $findings[] = FindingFactory::look('people.bed_guard', Place::inPiece($id), 'beds',
                    ['bay' => $cell->label, 'under' => $under, 'guard' => Length::greatest($guard, Length::zero()), 'over' => $over])
                    ->measuring($guard, $over)->curedBy($built->cure(Text::of('people.bed_guard.fix', over: $over), $id, ['fill', 'guard'], $over));
            }
        }

        return $findings;
    }
}
