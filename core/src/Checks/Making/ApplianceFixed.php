<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Cell;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Fields\Settings;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * An appliance is held by the face, the side or the top its maker names, and a flange or a bracket reaches so far (15 mm unless its
 * manual says otherwise): what was built there must be within it. From practice; the maker's manual decides.
 */
final class ApplianceFixed implements Check
{
    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            $gap = $cell->bay->fill->kind === FillKind::Appliance ? $this->gap($cell, $cell->bay->fill->is) : null;
            $limit = $built->project->lengthLimit(Limit::ApplianceReach);
            if ($gap !== null && $gap->isGreaterThan($limit)) {
                $findings[] = FindingFactory::look('piece.appliance_unfixed', Place::inPiece($id), 'makers', ['bay' => $cell->label,
                    'face' => Text::of("fixes_to.{$cell->bay->fill->is->choice('fixes_to')}"), 'gap' => $gap, 'limit' => $limit])->measuring($gap, $limit);
            }
        }

        return $findings;
    }

    /** From the appliance, in the middle of its bay, to what it is to be fixed to; null where it wants nothing. */
    private function gap(Cell $cell, Settings $is): ?Length
    {
        $beside = fn (Length $room): Length => $room->minus($is->length('width'))->half();

        return match ($is->choice('fixes_to')) {
            'face' => $cell->mouth->framed || ($cell->by->left !== null && $cell->by->right !== null) ? $beside($cell->mouth->x->value()) : $cell->x->value(),
            'side' => $cell->by->left !== null && $cell->by->right !== null ? $beside($cell->x->value()) : $cell->x->value(),
            'top' => $cell->by->head !== null ? $cell->least->minus($is->length('height')) : $cell->z->value(),
            default => null,
        };
    }
}
