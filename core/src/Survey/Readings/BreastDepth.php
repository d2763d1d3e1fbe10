<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;

/** How far the breast stands out from the back wall. */
final class BreastDepth implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.breast_depth_'.($r->side->value ?? 'left'));
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Top;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        return $in->linear($in->sides->breastDepth($r->side ?? Side::Left, $in->sides->height($r)->units), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $on->top->breastDepth($r->side ?? Side::Left);
    }
}
