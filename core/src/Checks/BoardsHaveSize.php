<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Design\Panel;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A board that the room and the design leave no size for cannot be cut; nothing is laid on a sheet for it. */
final class BoardsHaveSize implements Check
{
    public function of(PlacedPiece $built): array
    {
        $none = array_filter($built->fit->panels, fn (Panel $p): bool => ! $p->length->value->isPositive() || ! $p->width->value->isPositive());

        return array_map(fn (Panel $p): Finding => new Finding('fit.no_board', Severity::Stop, new Place(WorkStage::Fit, $p->id),
            Text::of('fit.no_board', part: $p->name, size: Length::least($p->length->value, $p->width->value)),
            Text::of('fit.no_board.remedy'), Text::of('source.geometry')), array_values($none));
    }
}
