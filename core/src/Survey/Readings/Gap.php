<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\Linear;

/** What shows behind a straightedge or batten at one place; readings of one straightedge share `edge`. */
final class Gap implements Measurement
{
    public function name(Reading $r): Text
    {
        [$key, $at] = match (true) {
            $r->on()->isLevel() => $r->along === Along::Depth ? ['depth', $r->y] : ['run', $r->x],
            $r->along === null => ['height', $r->z],
            $r->on() === Face::Back => ['run', $r->x],
            default => ['depth', $r->y],
        };

        return Text::of("reading.gap_{$r->on()->value}_$key", at: $at ?? Length::zero());
    }

    public function view(Reading $r, Space $space): View
    {
        return match (true) {
            $r->on() === Face::Back => $r->along === null ? View::Side : View::Top,
            $r->on()->isSide() => $r->along === null ? View::Front : View::Top,
            default => $r->along === Along::Depth ? View::Side : View::Front,
        };
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): Linear
    {
        return $in->linear($r->on()->isLevel() ? $in->overhead->gap($r) : $in->sides->gap($r), $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        return match ($view) {
            View::Front => $on->front->gap($r),
            View::Top => $on->top->gap($r),
            View::Side => $on->side->gap($r),
        };
    }
}
