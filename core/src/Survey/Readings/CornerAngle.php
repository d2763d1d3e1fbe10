<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Bearing;
use Incastro\Core\Survey\EquationTerms;

/** Of a corner in plan, degrees; under 90 the corner closes in. */
final class CornerAngle implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.corner_angle_'.($r->side->value ?? 'left'));
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Top;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Bearing
    {
        $depth = $in->nodes->sizes->depth;

        return new Bearing($in->sides->closing($r, $depth->units), (float) $depth->millimetres(), [90.0, -1.0], $take->number(), $in->sigma($r, $take), $r->id);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $on->top->corners($r->side ?? Side::Left);
    }
}
