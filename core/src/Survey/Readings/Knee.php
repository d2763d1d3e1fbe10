<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;
use Incastro\Core\Survey\RoomOutline;

/** Height of the slope at the wall it starts from. */
final class Knee implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.knee'.($r->side === null ? '' : "_{$r->side->value}"));
    }

    public function view(Reading $r, Space $space): View
    {
        return $space->slope?->along === Along::Depth ? View::Side : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        [$x, $y] = [$in->nodes->sizes->x($r)->units, $in->nodes->sizes->y($r)->units];

        return $in->linear($in->overhead->knee($x, $y), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        $aside = $r->side === Side::Right ? 2 * RoomOutline::HAND_MM : RoomOutline::HAND_MM / 2;

        return $view === View::Side ? $on->side->height(Length::fromMillimetres($aside)) : $on->front->knee();
    }
}
