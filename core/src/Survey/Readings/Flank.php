<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;
use Incastro\Core\Survey\SideEquations;
use Incastro\Core\Survey\Surface;

/** Side wall to the cheek of the breast. */
final class Flank implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.flank_'.($r->side->value ?? 'left').($r->plane === Plane::Back ? '_back' : ''), z: $r->z);
    }

    public function view(Reading $r, Space $space): View
    {
        return $r->plane === Plane::Back ? View::Top : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        [$n, $side] = [$in->nodes, $r->side ?? Side::Left];
        [$y, $z] = [$n->sizes->y($r)->units, $in->sides->height($r)->units];

        return $in->linear(SideEquations::inward($side, $n->at(Surface::cheek($side), $y, $z), $n->at(Surface::side($side), $y, $z)), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $view === View::Top ? $on->top->flank($r->side ?? Side::Left) : $on->front->flank($r);
    }
}
