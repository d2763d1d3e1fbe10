<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\HeldStep;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\Budget;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\Known;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Readings\Measurements;
use Incastro\Core\Survey\Surveyor;

/**
 * The carcass with its tolerances must pass between the walls (fieldbook §2, budget). Names the reading that stops it. Where it is not proved that it
 * goes in, as well as the width is known, nothing is cut until more is read or somebody accepts it, with the odds where there are any: how many of 1 024
 * rooms that would all have given these readings it would jam in. A wall that nobody has read all over has no odds.
 */
final class GoesBetweenWalls implements Check
{
    public function of(PlacedPiece $built): array
    {
        $fit = $built->fit;
        $clear = $fit->box->clear->value;
        $over = $fit->box->width->value->minus($clear);
        $known = Budget::known($built->piece, $built->room);
        $missing = $over->plus($built->project->workshop->partTolerance)->plus(Clip::up($known->doubt ?? 0.0));
        if ($over->isPositive()) {
            return [$this->playFinding('fit.wider_than_clear', $built, $over)->graded(Severity::Stop)];
        }
        $isBetween = array_filter([Side::Left, Side::Right], fn (Side $s): bool => $built->room->space->side($s) === SideKind::Open) === [];
        if ($known !== null && $isBetween && $missing->isPositive()) {
            return [$this->unproved($built, $known, $missing)];
        }

        return $fit->spare->isNegative() ? [$this->playFinding('fit.no_play', $built, $fit->spare->negated())] : [];
    }

    private function playFinding(string $code, PlacedPiece $built, Length $by): Finding
    {
        return new Finding($code, Severity::Look, new Place(WorkStage::Fit, $built->piece->id), Text::of($code, by: $by, reading: self::stopper($built)),
            Text::of($code === 'fit.no_play' ? 'fit.more_set_off' : 'fit.make_narrower', by: $by),
            Text::of('source.fit_budget'), $built->fit->budget->value, $built->fit->box->clear->value);
    }

    private function unproved(PlacedPiece $built, Known $known, Length $missing): Finding
    {
        $args = ['by' => $missing, 'doubt' => Clip::up($known->doubt)] + ($known->settled ? ['odds' => self::odds($built, $known)] : []);

        return FindingFactory::look($known->settled ? 'fit.may_jam' : 'fit.not_proved', new Place(WorkStage::Fit, $built->piece->id), 'fit_budget', $args)
            ->measuring($built->fit->budget->value, $built->fit->box->clear->value)->holding(HeldStep::Cut);
    }

    private static function odds(PlacedPiece $built, Known $known): Text
    {
        $need = Need::meant($built->project, $built->room->space);
        // What stands proud of a wall takes as much from every room.
        $over = (float) $built->fit->box->width->value->minus($built->fit->box->clear->value)->millimetres();
        $jams = (new Surveyor($built->project->workshop))->narrower($built->room->space, $need, $known->name, $known->stated + $over);

        if ($jams === 0) {
            return Text::of('fit.odds_none', rooms: Surveyor::ROOMS);
        }

        return 2 * $jams > Surveyor::ROOMS ? Text::of('fit.odds_likely') : Text::of('fit.odds', in: (int) round(Surveyor::ROOMS / $jams));
    }

    /** The reading behind the wall that is furthest in: the left one where it leans, else the right one. */
    private static function stopper(PlacedPiece $built): Text
    {
        $box = $built->box;
        $point = $box->leastRight->thing === null && $box->greatestLeft->x->isGreaterThan(Length::zero()) && $box->greatestLeft->reading !== null
            ? $box->greatestLeft : $box->leastRight;
        if ($point->thing !== null) {
            return $point->thing;
        }
        $reading = $built->room->space->readings[$point->reading ?? ''] ?? null;

        return $reading instanceof Reading ? Measurements::of($reading->kind)->name($reading) : Text::of('reading.none');
    }
}
