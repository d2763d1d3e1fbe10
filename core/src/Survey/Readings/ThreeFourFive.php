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
use Incastro\Core\Survey\Distance;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Sum;

/** Marks a way along the back and b along the side; the tape across them. */
final class ThreeFourFive implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of('reading.three_four_five_'.($r->side->value ?? 'left'), a: $r->alongBack ?? Length::zero(), b: $r->alongSide ?? Length::zero());
    }

    public function view(Reading $r, Space $space): View
    {
        return View::Top;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Distance
    {
        $marks = [(float) ($r->alongBack?->millimetres() ?? 0.0), (float) ($r->alongSide?->millimetres() ?? 0.0)];
        $closing = Sum::times($in->sides->closing($r, $r->alongSide->units ?? 0), -1.0);

        return new Distance($closing, [], $marks, $take->number(), $in->sigma($r, $take), $r->id);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return $on->top->across($r, $r->side ?? Side::Left);
    }
}
