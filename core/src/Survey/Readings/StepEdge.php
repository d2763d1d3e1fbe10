<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;

/** Where a side jumps in or out, from the back wall or from the floor; 0 where it does not. What it says of the wall: `WallStep`. */
final class StepEdge implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of("reading.step_edge_{$r->on()->value}".($r->along === Along::Depth ? '' : '_up'));
    }

    public function view(Reading $r, Space $space): View
    {
        return $r->along === Along::Depth ? View::Top : View::Front;
    }

    /** It is no size of the room: it says where one surface ends. */
    public function equation(Reading $r, Take $take, EquationTerms $in): null
    {
        return null;
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        $side = Side::from($r->on()->value);
        if ($r->along === Along::Depth) {
            return [$on->top->corner($side, Length::zero()), $on->top->corner($side, $r->value() ?? $on->outline->depth->half())];
        }
        $at = fn (Length $z): Point => new Point($on->outline->wallAt($side, $z), $z);

        return [$at(Length::zero()), $at($r->value() ?? $on->outline->headAt($side)->half())];
    }
}
