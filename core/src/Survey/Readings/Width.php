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
use Incastro\Core\Survey\Sum;
use Incastro\Core\Survey\Surface;

/** Side to side. */
final class Width implements Measurement
{
    public function name(Reading $r): Text
    {
        return $r->y !== null ? Text::of('reading.width_out', z: $r->z, y: $r->y)
            : Text::of($r->plane === Plane::Back ? 'reading.width_back' : 'reading.width', z: $r->z);
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        $n = $in->nodes;
        $y = $n->sizes->y($r)->units;

        return $in->linear(Sum::less($n->at(Surface::Right, $y, $r->z->units), $n->at(Surface::Left, $y, $r->z->units)), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return [$on->front->wall(Side::Left, $r->z), $on->front->wall(Side::Right, $r->z)];
    }
}
