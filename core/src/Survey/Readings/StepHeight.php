<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;
use Incastro\Core\Survey\Surface;

/** Height of the underside of one step of a stair. */
final class StepHeight implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.step_height', step: $r->step ?? 1);
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        return $in->linear($in->nodes->at(Surface::Step, 0, 0, (string) $r->step), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $on->front->step($r);
    }
}
