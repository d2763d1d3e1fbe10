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

/** Jamb to jamb, or stile to stile. */
final class MouthWidth implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.mouth_width', z: $r->z);
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        $n = $in->nodes;
        [$front, $z] = [$n->sizes->depth->units, $in->sides->height($r)->units];

        return $in->linear(Sum::less($n->at(Surface::MouthRight, $front, $z), $n->at(Surface::MouthLeft, $front, $z)), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return [$on->front->at(Surface::MouthLeft, $r->z), $on->front->at(Surface::MouthRight, $r->z)];
    }
}
