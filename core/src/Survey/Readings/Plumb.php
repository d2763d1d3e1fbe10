<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;

/** How far a wall is off plumb between two heights; + leans into the space. */
final class Plumb implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.plumb_'.$r->on()->value.($r->plane === Plane::Back && $r->on() !== Face::Back ? '_back' : ''), z: $r->z, from: $r->fromZ);
    }

    public function view(Reading $r, Space $space): View
    {
        return $r->on() === Face::Back ? View::Side : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        return $in->linear($in->sides->lean($r), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $view === View::Side ? [$on->side->back($r->fromZ), $on->side->back($r->z)]
            : [$on->front->wall($on->front->side($r), $r->fromZ), $on->front->wall($on->front->side($r), $r->z)];
    }
}
