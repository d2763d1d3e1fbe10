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
use Incastro\Core\Survey\Sum;
use Incastro\Core\Survey\Surface;

/** From the floor to the head of the mouth. */
final class MouthHeight implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.mouth_height_'.($r->side->value ?? 'left'));
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        $n = $in->nodes;
        [$x, $front] = [$n->sizes->x($r)->units, $n->sizes->depth->units];

        return $in->linear(Sum::less($n->at(Surface::MouthHead, $x, $front), $n->at(Surface::Floor, $x, $front)), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $on->front->mouthHeight($r);
    }
}
