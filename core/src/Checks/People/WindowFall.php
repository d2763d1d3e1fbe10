<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * A seat, a bed or a top before a window raises the floor a child stands on: less than 800 mm from it to the glass wants a guard, safety
 * glass, or a catch (fieldbook §5; usual rule, check yours).
 */
final class WindowFall implements Check
{
    private const LEAST_MM = 800;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        $limit = Length::fromMillimetres(self::LEAST_MM);
        foreach ($built->project->house->children ? $built->room->things : [] as $placed) {
            foreach ($placed->thing->kind === ThingKind::Window ? $built->boards(Role::Slab, Role::Lid, Role::Slat) : [] as $board) {
                $top = $board->block->to(Axis::Z);
                $up = $placed->block->corner->z->minus($top);
                $isBefore = $placed->meetsRun($board->block->corner->x, $board->block->to(Axis::X));
                if ($isBefore && $up->isLessThan($limit) && $placed->block->to(Axis::Z)->isGreaterThan($top)) {
                    $findings[$placed->thing->id] ??= FindingFactory::look('people.window_fall', new Place(WorkStage::Site, $placed->thing->id), 'windows',
                        ['thing' => $placed->name(), 'part' => $board->name, 'up' => Length::greatest($up, Length::zero()), 'limit' => $limit])
                        ->measuring($up, $limit);
                }
            }
        }

        return array_values($findings);
    }
}
