<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Height against the lowest ceiling, standing and while it is tipped up beside its base (fieldbook §8, + 5 mm). */
final class GoesUnderCeiling implements Check
{
    private const PLAY_MM = 5;

    public function of(PlacedPiece $built): array
    {
        $box = $built->box;
        // What stands under a slope is cut to it (Design\SlopeCut); only a level ceiling stops it.
        $ceiling = $box->limit === null
            ? $built->room->lowestOverhead($box->left, $box->right(), $built->piece->depth)
            : $built->room->highestAtFront($box->left, $box->right(), $built->piece->depth);
        if ($ceiling === null) {
            return [];
        }
        foreach ($built->room->things as $placed) {
            $under = $placed->block->corner->z;
            if ($placed->thing->face === Face::Ceiling && $placed->thing->takesRoom() && $under->isLessThan($ceiling)
                && $placed->meetsRun($box->left, $box->right()) && $placed->meetsDepth($built->piece->depth)) {
                $ceiling = $under;
            }
        }
        $reading = Text::of(($built->room->ceiling['left'] ?? $ceiling)->equals($ceiling) ? 'reading.height_left' : 'reading.height_right');
        $place = new Place(WorkStage::Fit, $built->piece->id);
        $top = $box->top();
        if ($top->isGreaterThan($ceiling)) {
            $by = $top->minus($ceiling);

            return [new Finding('fit.higher_than_ceiling', Severity::Stop, $place,
                Text::of('fit.higher_than_ceiling', by: $by, reading: $reading), Text::of('fit.make_lower', by: $by),
                Text::of('source.geometry'), $top, $ceiling)];
        }
        $above = $built->room->highestAtFront($box->left, $box->right(), $built->piece->depth) ?? $ceiling;
        $room = $above->minus($built->room->floorHighPoint());
        $needs = $built->fit->tiltUp->value->plus(Length::fromMillimetres(self::PLAY_MM));
        if (! $needs->isGreaterThan($room)) {
            return [];
        }
        $by = $needs->minus($room);

        return [new Finding('fit.cannot_tip_up', Severity::Stop, $place,
            Text::of('fit.cannot_tip_up', by: $by, reading: $reading), Text::of('fit.assemble_standing', by: $by),
            Text::of('source.tilt_up'), $needs, $room)];
    }
}
