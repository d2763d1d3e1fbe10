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

/** Back wall to the front line, at a side, or so far from the left side. */
final class Depth implements Measurement
{
    public function name(Reading $r): Text
    {
        return $r->x === null ? Text::of('reading.depth_'.($r->side->value ?? 'left').($r->z->isZero() ? '' : '_z'), z: $r->z)
            : Text::of('reading.depth_x', x: $r->x);
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Top;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        $n = $in->nodes;
        $x = $n->sizes->x($r)->units;

        return $in->linear(Sum::less($n->at(Surface::Front, $x, 0), $n->at(Surface::Back, $x, $in->sides->height($r)->units)), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $on->top->depth($r);
    }
}
