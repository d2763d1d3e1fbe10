<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Bearing;
use Incastro\Core\Survey\EquationTerms;

/** Of the slope overhead from level, degrees. */
final class SlopeAngle implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.slope_angle'.($r->side === null ? '' : "_{$r->side->value}"));
    }

    public function view(Reading $r, Space $space): View
    {
        return $space->slope?->along === Along::Depth ? View::Side : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Bearing
    {
        return $in->overhead->angle($r, $take->number(), $in->sigma($r, $take));
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        $third = fn (int $n): Length => Length::ofUnits(intdiv($on->outline->depth->units * $n, 3));

        return $view === View::Side ? [$on->side->head($third(1)), $on->side->head($third(2))] : $on->front->slope($r);
    }
}
