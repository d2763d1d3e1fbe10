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

/** Thickness of what the mouth is cut in. */
final class MouthDepth implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.mouth_depth');
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Top;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        return $in->linear($in->nodes->at(Surface::MouthDepth, 0, 0), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $on->top->mouthDepth();
    }
}
