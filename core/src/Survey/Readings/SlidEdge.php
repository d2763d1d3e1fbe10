<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;
use Incastro\Core\Survey\SlidFace;

/** A straightedge slid all over a side: the place that stands furthest from straight. What it says of all others: `SlidFace::elsewhere`. */
final class SlidEdge implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of("reading.slid_edge_{$r->on()->value}".($r->step === null ? '' : '_parts'));
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): ?Linear
    {
        return (new SlidFace($in->nodes, $r))->found($take, $in->sigma($r, $take));
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        $side = Side::from($r->on()->value);
        $outline = $on->outline;
        $inward = Length::fromMillimetres($side === Side::Left ? 30 : -30);
        $at = fn (Length $z): Point => new Point($outline->wallAt($side, $z)->plus($inward), $z);
        [$foot, $head] = [$outline->room->sizes->lowest(), $outline->headAt($side)];

        return [$at($foot), $at($head)];
    }
}
