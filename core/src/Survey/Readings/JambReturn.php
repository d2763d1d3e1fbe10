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
use Incastro\Core\Survey\SideEquations;
use Incastro\Core\Survey\Surface;

/** How far a jamb or stile stands in from the side wall. */
final class JambReturn implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.return_'.($r->side->value ?? 'left'));
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Top;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        [$n, $side] = [$in->nodes, $r->side ?? Side::Left];
        [$front, $z] = [$n->sizes->depth->units, $in->sides->height($r)->units];

        return $in->linear(SideEquations::inward($side, $n->at(Surface::jamb($side), $front, $z), $n->at(Surface::side($side), $front, $z)), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $on->top->return($r->side ?? Side::Left);
    }
}
