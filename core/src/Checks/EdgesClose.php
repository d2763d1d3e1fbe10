<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\EdgeKind;
use Incastro\Core\Document\Front;
use Incastro\Core\Document\SideKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Each way of closing a gap has its limits (fieldbook §2). */
final class EdgesClose implements Check
{
    public function of(Built $built): array
    {
        $findings = [];
        foreach ($built->fit->edges as $edge) {
            // A carcass inside the wall is another rule's matter (GoesBetweenWalls).
            // Play beside an opening or an appliance is air: nobody caulks it.
            $airy = $edge->kind === EdgeKind::Play && $built->room->space->side($edge->side) !== SideKind::Wall;
            if ($edge->least()->isNegative() || $airy) {
                continue;
            }
            array_push($findings, ...$this->edge($edge, $built));
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function edge(EdgeFit $edge, Built $built): array
    {
        $frame = $built->piece->methods->front === Front::FaceFrame;

        return match ($edge->kind) {
            EdgeKind::Filler => [...$this->least($edge, $built, 12, 'fit.filler_thin'), ...$this->most($edge, $built, 75, 'fit.filler_wide')],
            EdgeKind::ExtendedStile => [...$this->least($edge, $built, 12, 'fit.stile_tight'),
                ...($frame ? [] : [$this->say($edge, $built, 'fit.stile_without_frame', Severity::Note)])],
            EdgeKind::ScribedSide => $this->most($edge, $built, 25, 'fit.lip_wide'),
            EdgeKind::Trim => $this->most($edge, $built, 40, 'fit.trim_wide'),
            EdgeKind::Play => $this->most($edge, $built, 6, 'fit.play_wide'),
        };
    }

    /** @return list<Finding> */
    private function least(EdgeFit $edge, Built $built, int $limitMm, string $code): array
    {
        $limit = Length::fromMillimetres($limitMm);

        return $edge->least()->isLessThan($limit) ? [$this->say($edge, $built, $code, Severity::Look, $edge->least(), $limit)] : [];
    }

    /** @return list<Finding> */
    private function most(EdgeFit $edge, Built $built, int $limitMm, string $code): array
    {
        $limit = Length::fromMillimetres($limitMm);

        return $edge->greatest()->isGreaterThan($limit) ? [$this->say($edge, $built, $code, Severity::Look, $edge->greatest(), $limit)] : [];
    }

    private function say(EdgeFit $edge, Built $built, string $code, Severity $severity, ?Length $measured = null, ?Length $limit = null): Finding
    {
        $side = Text::of("side.{$edge->side->value}");
        $text = $measured === null || $limit === null
            ? Text::of($code, side: $side)
            : Text::of($code, side: $side, gap: $measured, limit: $limit);

        return new Finding($code, $severity, new Place('fit', "{$built->piece->id}/{$edge->side->value}"),
            $text, Text::of("$code.remedy"), Text::of('source.closing_gaps'), $measured, $limit);
    }
}
