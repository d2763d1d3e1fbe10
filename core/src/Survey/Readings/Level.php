<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;

/** How far floor or ceiling rises across the run (+ right higher) or along the depth (+ front higher). */
final class Level implements Measurement
{
    public function name(Reading $r): Text
    {
        $along = $r->along === Along::Depth ? '_depth_'.($r->side->value ?? 'left') : ($r->plane === Plane::Back ? '_back' : '');

        return Text::of('reading.level'.($r->face === Face::Ceiling ? '_ceiling' : '').$along);
    }

    public function view(Reading $r, Space $space): View
    {
        return $r->along === Along::Depth ? View::Side : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        return $in->linear($in->overhead->level($r), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        $isCeiling = $r->face === Face::Ceiling;
        if ($view === View::Front) {
            return $isCeiling ? [$on->front->head(Side::Left), $on->front->head(Side::Right)] : [$on->front->foot(Side::Left), $on->front->foot(Side::Right)];
        }
        $zero = Length::zero();
        $depth = $on->outline->depth;

        return $isCeiling ? [$on->side->head($zero), $on->side->head($depth)] : [new Point($zero, $zero), new Point($depth, $zero)];
    }
}
