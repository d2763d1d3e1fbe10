<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Rise;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;

/** From the low end's wall to where slope and level ceiling meet. */
final class SlopeStart implements Measurement
{
    /** Rise over run by which an error of where a slope starts becomes one of height. */
    public const USUAL_PITCH = 0.8;

    public function name(Reading $r): Text
    {
        return Text::of('reading.slope_start');
    }

    public function view(Reading $r, Space $space): View
    {
        return $space->slope?->along === Along::Depth ? View::Side : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        return new Linear($in->overhead->meeting($take), 0.0, self::USUAL_PITCH * $in->sigma($r, $take), $r->id);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $view === View::Side ? $on->side->start($r) : $on->front->slopeStart($r);
    }
}
