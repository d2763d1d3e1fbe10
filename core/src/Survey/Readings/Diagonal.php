<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Rise;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\EquationTerms;
use Incastro\Core\Survey\GroundPlan;
use Incastro\Core\Survey\Observation;

/** Corner to corner, of the opening or of the floor. */
final class Diagonal implements Measurement
{
    public function name(Reading $r): Text
    {
        return Text::of($r->face === Face::Floor ? 'reading.diagonal_floor_'.($r->side->value ?? 'left')
            : 'reading.diagonal_'.($r->rise->value ?? 'rising_right'));
    }

    public function view(Reading $r, Space $space): View
    {
        return $r->face === Face::Floor ? View::Top : View::Front;
    }

    public function equation(Reading $r, Take $take, EquationTerms $in): ?Observation
    {
        if ($r->face === Face::Floor) {
            return $in->distance([$in->sides->floorDiagonal($r), $in->sides->floorDepth($r)], $r, $take);
        }
        // Without a ceiling nobody knows where the upper corners are, and the diagonal says nothing.

        return $in->nodes->sizes->space->taken(ReadingKind::Height) === [] ? null
            : $in->distance([$in->sides->acrossOpening($r), $in->overhead->upOpening($r)], $r, $take);
    }

    public function tape(Reading $r, View $view, Tapes $on): array
    {
        $side = $r->side ?? Side::Left;
        if ($view === View::Top) {
            return [$on->top->corner($side, Length::zero()), $on->top->corner($side->other(), GroundPlan::front($on->outline, $side->other()))];
        }

        return $r->rise === Rise::Right ? [$on->front->foot(Side::Left), $on->front->head(Side::Right)]
            : [$on->front->foot(Side::Right), $on->front->head(Side::Left)];
    }
}
