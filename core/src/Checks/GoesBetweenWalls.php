<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Readings\Measurements;

/** The carcass with its tolerances must pass between the walls (fieldbook §2, budget). Names the reading that stops it. */
final class GoesBetweenWalls implements Check
{
    public function of(PlacedPiece $built): array
    {
        $fit = $built->fit;
        $clear = $fit->box->clear->value;
        $over = $fit->box->width->value->minus($clear);
        if (! $fit->spare->isNegative()) {
            return [];
        }
        $stops = $over->isPositive();
        [$code, $by] = $stops ? ['fit.wider_than_clear', $over] : ['fit.no_play', $fit->spare->negated()];

        return [new Finding($code, $stops ? Severity::Stop : Severity::Look, new Place(WorkStage::Fit, $built->piece->id),
            Text::of($code, by: $by, reading: self::stopper($built)),
            Text::of($stops ? 'fit.make_narrower' : 'fit.more_set_off', by: $by),
            Text::of('source.fit_budget'), $fit->budget->value, $clear)];
    }

    /** The reading behind the wall that is furthest in: the left one where it leans, else the right one. */
    private static function stopper(PlacedPiece $built): Text
    {
        $box = $built->box;
        $point = $box->leastRight->thing === null && $box->greatestLeft->x->isGreaterThan(Length::zero()) && $box->greatestLeft->reading !== null
            ? $box->greatestLeft : $box->leastRight;
        if ($point->thing !== null) {
            return $point->thing;
        }
        $reading = $built->room->space->readings[$point->reading ?? ''] ?? null;

        return $reading instanceof Reading ? Measurements::of($reading->kind)->name($reading) : Text::of('reading.none');
    }
}
