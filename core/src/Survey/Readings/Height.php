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
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;
use Incastro\Core\Survey\Sum;
use Incastro\Core\Survey\Surface;

/** Floor to what is overhead, at a side, or so far from the left side and from the back. */
final class Height implements Measurement
{
    public function name(Reading $r): Text
    {
        $kind = 'height'.($r->face === Face::Ceiling ? '_flat' : '');
        $back = $r->plane === Plane::Back ? '_back' : '';
        if ($r->y !== null && $r->x === null) {
            return Text::of("reading.{$kind}_y", y: $r->y);
        }

        return $r->x === null
            ? Text::of("reading.{$kind}_".($r->side->value ?? 'left').$back)
            : Text::of("reading.{$kind}_x".($r->y !== null ? 'y' : $back), x: $r->x, y: $r->y ?? Length::zero());
    }

    public function view(Reading $r, Space $space): View
    {
        return $r->y !== null || $r->plane === Plane::Back || ($space->slope?->along === Along::Depth && $r->side === null) ? View::Side : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        $n = $in->nodes;
        [$x, $y] = [$n->sizes->x($r)->units, $n->sizes->y($r)->units];

        return $in->linear(Sum::less($n->at($in->overhead->surface($r), $x, $y), $n->at(Surface::Floor, $x, $y)), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $view === View::Front ? $on->front->height($r) : $on->side->height($on->outline->room->sizes->y($r));
    }
}
