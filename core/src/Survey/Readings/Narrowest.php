<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;
use Incastro\Core\Survey\Sum;
use Incastro\Core\Survey\Surface;

/** Two laths slid up and down between the sides: the width at the place they were narrowest at. */
final class Narrowest implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.narrowest');
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Front;
    }

    /** Nothing where nobody says at which height: a width is somewhere. */
    public function equation(Reading $r, Take $take, EquationTerms $in): ?Linear
    {
        $n = $in->nodes;
        $y = ($take->y ?? $n->sizes->depth)->units;

        return $take->z === null ? null
            : $in->linear(Sum::less($n->at(Surface::Right, $y, $take->z->units), $n->at(Surface::Left, $y, $take->z->units)), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        $z = $r->last()->z ?? Length::ofUnits(intdiv($on->outline->height->units, 2));

        return [$on->front->wall(Side::Left, $z), $on->front->wall(Side::Right, $z)];
    }
}
