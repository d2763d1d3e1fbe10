<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\PlacedThing;

/**
 * Fibreboard and particleboard near the floor of a damp place, or of a bay with a trap, drink what runs there and swell; other boards want
 * their cut edges sealed (from practice).
 */
final class DampBoards implements Check
{
    private const NEAR_MM = 50;

    private const WET = [ThingKind::Trap, ThingKind::ShutOff, ThingKind::Hose];

    public function of(PlacedPiece $built): array
    {
        $isWet = array_filter($built->room->things, fn (PlacedThing $p): bool => in_array($p->thing->kind, self::WET, true)) !== [];
        $space = $built->room->space;
        if (! $space->damp && ! $isWet) {
            return [];
        }
        $near = $built->room->floorHighPoint()->plus(Length::fromMillimetres(self::NEAR_MM));
        $low = array_values(array_filter($built->fit->panels, fn (Panel $p): bool => ! $p->bought && $p->block->corner->z->isLessThan($near)));
        $pressed = array_values(array_filter($low, fn (Panel $p): bool => $built->madeOf($p)->isPressed()));
        if ($pressed !== []) {
            return [FindingFactory::look('house.damp_board', new Place(WorkStage::Piece, $pressed[0]->id), 'practice',
                ['part' => $pressed[0]->name, 'n' => count($pressed), 'near' => Length::fromMillimetres(self::NEAR_MM)])];
        }

        return $space->damp && $low !== []
            ? [FindingFactory::note('house.damp_edges', new Place(WorkStage::Piece, $low[0]->id), 'practice', ['n' => count($low)])] : [];
    }
}
