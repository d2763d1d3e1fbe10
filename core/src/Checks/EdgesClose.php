<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\Front;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\Limits;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Scribe;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Each way of closing a gap has its limits (fieldbook §2). */
final class EdgesClose implements Check
{
    /** Further off nobody closes it: our own figure. */
    private const BESIDE_MM = 150;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->fit->edges as $edge) {
            // A carcass inside the wall is another rule's matter (GoesBetweenWalls).
            $side = $edge->name->side();
            // Play beside an opening or an appliance is air: nobody caulks it.
            $airy = $edge->kind === EdgeKind::Play && $side !== null
                && ($built->room->space->side($side) !== SideKind::Wall || self::isFree($edge, $built));
            if (! $edge->least()->isNegative() && ! $airy) {
                array_push($findings, ...$this->cutLine($edge, $built), ...($side === null ? [] : $this->edge($edge, $built)));
            }
        }

        return $findings;
    }

    /** A piece of chosen width stands by itself: what is so far is no gap, but the room beside it. */
    private static function isFree(EdgeFit $edge, PlacedPiece $built): bool
    {
        return $built->piece->width !== null && $edge->least()->isGreaterThan(Length::fromMillimetres(self::BESIDE_MM));
    }

    /** @return list<Finding> what keeps a line from being followed, or a blank from reaching */
    private function cutLine(EdgeFit $edge, PlacedPiece $built): array
    {
        $scribe = $edge->scribe;
        if ($scribe === null) {
            return [];
        }
        $says = [];
        if ($scribe->short !== null) {
            $says[] = $this->say($edge, $built, 'fit.blank_short', [$scribe->short, $scribe->projects->value])->graded(Severity::Stop);
        }
        if ($scribe->steepest > Scribe::STEEP) {
            $says[] = $this->say($edge, $built, 'fit.line_steep');
        }

        return $says;
    }

    /** @return list<Finding> */
    private function edge(EdgeFit $edge, PlacedPiece $built): array
    {
        $frame = $built->piece->methods->front === Front::FaceFrame;

        return match ($edge->kind) {
            EdgeKind::Filler => [...$this->least($edge, $built, 'fit.filler_thin'), ...$this->most($edge, $built, 'fit.filler_wide')],
            EdgeKind::ExtendedStile => [...$this->least($edge, $built, 'fit.stile_tight'),
                ...($frame ? [] : [$this->say($edge, $built, 'fit.stile_without_frame')->graded(Severity::Note)])],
            EdgeKind::ScribedSide => $this->most($edge, $built, 'fit.lip_wide'),
            EdgeKind::Trim => $this->most($edge, $built, 'fit.trim_wide'),
            EdgeKind::Play => $this->most($edge, $built, 'fit.play_wide'),
            EdgeKind::Scribed, null => [],
        };
    }

    /** @return list<Finding> */
    private function least(EdgeFit $edge, PlacedPiece $built, string $code): array
    {
        $limit = $edge->kind === null ? null : Limits::of($edge->kind)->least;

        return $limit !== null && $edge->least()->isLessThan($limit) ? [$this->say($edge, $built, $code, [$edge->least(), $limit])] : [];
    }

    /** @return list<Finding> */
    private function most(EdgeFit $edge, PlacedPiece $built, string $code): array
    {
        $limit = $edge->kind === null ? null : Limits::of($edge->kind)->most;

        return $limit !== null && $edge->greatest()->isGreaterThan($limit) ? [$this->say($edge, $built, $code, [$edge->greatest(), $limit])] : [];
    }

    /** @param  array{Length, Length}|null  $gap  and what it is held against */
    private function say(EdgeFit $edge, PlacedPiece $built, string $code, ?array $gap = null): Finding
    {
        $side = Text::of("side.{$edge->name->value}");
        $text = $gap === null ? Text::of($code, side: $side) : Text::of($code, side: $side, gap: $gap[0], limit: $gap[1]);

        return new Finding($code, Severity::Look, new Place(WorkStage::Fit, "{$built->piece->id}/{$edge->name->value}"),
            $text, Text::of("$code.remedy"), Text::of('source.closing_gaps'), ...$gap ?? []);
    }
}
