<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Checks\Strength\CastorsTip;
use Incastro\Core\Checks\Strength\ShelfSags;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Document\SideKind;
use Incastro\Core\Document\Space;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;

/** Runs every check over a fitted piece, and says what the survey still lacks. */
final class Checker
{
    /** @return list<Finding> */
    public function piece(Built $built): array
    {
        $checks = [new GoesBetweenWalls, new GoesUnderCeiling, new StaysInDepth, new EdgesClose, new ThingsInTheWay, new LetsThingsThrough, new MovesFreely, new HolesClear, new CableWay, new StudsBehind, new ShelfSags, new CastorsTip];

        return array_merge(...array_map(fn (Check $check): array => $check->of($built), $checks));
    }

    /** @return list<Finding> */
    public function survey(Space $space, Room $room): array
    {
        $unsure = ! $room->doubt->isSettled('clear_width') && ($space->left === SideKind::Wall || $space->right === SideKind::Wall);
        $missing = match (true) {
            ! $room->isMeasured() => ['survey.no_width', Severity::Stop],
            $unsure && count($room->stations()) < 3 => ['survey.too_few_widths', Severity::Look],
            $unsure && $space->taken(ReadingKind::Plumb) === [] => ['survey.no_plumb', Severity::Look],
            $space->taken(ReadingKind::Height) === [] && $space->taken(ReadingKind::Diagonal) !== [] => ['survey.diagonal_unused', Severity::Look],
            $space->taken(ReadingKind::Height) === [] => ['survey.no_height', Severity::Note],
            default => null,
        };
        $findings = $room->findings;
        if ($missing !== null) {
            [$code, $severity] = $missing;
            $findings[] = new Finding($code, $severity, new Place('site', $space->id), Text::of($code), Text::of("$code.remedy"), Text::of('source.survey'));
        }

        return $findings;
    }
}
