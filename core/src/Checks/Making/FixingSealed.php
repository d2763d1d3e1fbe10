<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Text;

/**
 * Screws to the wall that something closes off for good: a dead corner, or a board that goes on before them. They are driven first, and
 * never again. From practice.
 */
final class FixingSealed implements HoldingCheck
{
    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $screws = $assembly->wallScrews($built->piece->id);
        $by = [];
        foreach ($screws as $screw) {
            $cover = $this->cover($screw, $built);
            if ($cover !== null) {
                $by[$cover[0]] = [$cover[1], ($by[$cover[0]][1] ?? 0) + 1];
            }
        }
        $findings = [];
        foreach ($by as $ref => [$name, $n]) {
            $findings[] = FindingFactory::look('fit.fixing_sealed', new Place(WorkStage::Fit, $ref),
                'practice', ['cover' => $name, 'n' => $n, 'of' => count($screws)]);
        }

        return $findings;
    }

    /** @return array{string, Text}|null what closes it off: an id and a name */
    private function cover(WallFastener $screw, PlacedPiece $built): ?array
    {
        $in = $screw->bay($built->design);
        if ($in?->bay->fill->kind === FillKind::DeadCorner) {
            return [$in->bay->id, Text::of('fill.dead_corner')];
        }
        $front = $screw->board->block->to(Axis::Y);
        foreach ($built->boards(Role::Board) as $board) {
            $isBefore = ! $board->bought && ! $board->turned && $board->thin === Axis::Y && ! $board->block->from(Axis::Y)->isLessThan($front);
            if ($isBefore && $screw->isBehind($board->block)) {
                return [$board->id, $board->name];
            }
        }

        return null;
    }
}
