<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;

/** A piece deeper than its niche stands proud of it: allowed, but said. */
final class StaysInDepth implements Check
{
    public function of(PlacedPiece $built): array
    {
        $depth = $built->room->leastDepth();
        if ($depth === null || ! $built->piece->depth->isGreaterThan($depth)) {
            return [];
        }
        $by = $built->piece->depth->minus($depth);

        return [new Finding('fit.stands_proud', Severity::Look, new Place(WorkStage::Fit, $built->piece->id),
            Text::of('fit.stands_proud', by: $by), Text::of('fit.make_shallower', by: $by),
            Text::of('source.geometry'), $built->piece->depth, $depth)];
    }
}
