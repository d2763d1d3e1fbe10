<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Bench;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Survey\PlacedThing;

/**
 * A pipe, a wire or a line that disappears behind the piece, and nothing written of it: two distances are known, its note holds what no
 * tape tells. From practice.
 */
final class HiddenRecorded implements Check
{
    private const LINES = [ThingKind::Pipe, ThingKind::HotPipe, ThingKind::GasPipe, ThingKind::Wiring, ThingKind::RefrigerantLine];

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->room->things as $placed) {
            if (in_array($placed->thing->kind, self::LINES, true) && trim((string) $placed->thing->note) === '' && $this->isCovered($placed, $built)) {
                $findings[] = FindingFactory::note('site.hidden_unrecorded',
                    new Place(WorkStage::Site, $placed->thing->id), 'practice', ['thing' => $placed->name()]);
            }
        }

        return $findings;
    }

    private function isCovered(PlacedThing $placed, PlacedPiece $built): bool
    {
        foreach ($built->boards(Role::Back, Role::Board) as $board) {
            $shadow = $placed->block->along(Axis::Y, $board->block->corner->y, $board->block->size->y);
            if (! $board->bought && $board->inHouse($board->thin) === Axis::Y
                && ! $board->block->corner->y->isLessThan($placed->block->corner->y) && Bench::common($board->block, $shadow) !== null) {
                return true;
            }
        }

        return false;
    }
}
