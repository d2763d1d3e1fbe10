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
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;

/** How much the slope rises over a level run held under it. */
final class SlopeRise implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.slope_rise', run: $r->run ?? Length::zero());
    }

    public function view(Reading $r, Space $space): View
    {
        return $space->slope?->along === Along::Depth ? View::Side : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        return $in->linear($in->overhead->rise($r), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        $from = $r->y ?? Length::zero();

        return $view === View::Side ? [$on->side->head($from), $on->side->head($from->plus($r->run ?? Length::zero()))] : $on->front->slope($r);
    }
}
