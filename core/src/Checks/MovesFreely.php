<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\Motion\Motion;
use Incastro\Core\Fit\Motion\MoverKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/**
 * A door that opens under 85 degrees gives no way past it, a lid under 70 falls back; a drawer is wanted whole; two that meet are opened in turn
 * (fieldbook §12).
 */
final class MovesFreely implements Check
{
    private const LEAST_DEG = ['hinged' => 85.0, 'lid' => 70.0, 'lift' => 70.0, 'drop' => 85.0, 'tilt' => 0.0];

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->fit->motions as $motion) {
            $finding = $motion->meets === null ? null : $this->stopped($motion, $motion->meets, $built->fit->motions);
            if ($finding !== null) {
                $findings[] = $finding;
            }
            foreach ($motion->against as $other) {
                $findings[] = $this->say($motion, 'fit.opens_in_turn', Severity::Note, ['part' => $motion->mover->name, 'other' => $other]);
            }
            if ($motion->struts !== null && $motion->struts['shuts_to'] === 0.0) {
                $findings[] = $this->say($motion, 'fit.flap_wants_catch', Severity::Note, ['part' => $motion->mover->name]);
            }
        }

        return $findings;
    }

    /** @param  list<Motion>  $all */
    private function stopped(Motion $motion, Text $meets, array $all): ?Finding
    {
        $kind = $motion->mover->kind;
        if ($kind->turns()) {
            return abs($motion->opens) >= min(abs($motion->mover->wants), self::LEAST_DEG[$kind->value] ?? 0.0) ? null
                : $this->say($motion, 'fit.opens_little', Severity::Look,
                    ['part' => $motion->mover->name, 'deg' => Angle::ofDegrees(floor(abs($motion->opens))), 'meets' => $meets]);
        }
        $short = $motion->mover->wants - $motion->opens;

        return $short < 2.0 || $kind === MoverKind::Sliding ? null
            : $this->say($motion, $this->isItsDoor($motion, $meets, $all) ? 'fit.draws_behind' : 'fit.draws_little', Severity::Look,
                ['part' => $motion->mover->name, 'by' => Length::ofUnits(Rounding::Up->apply($short * 10) * intdiv(Length::PER_MM, 10)), 'meets' => $meets]);
    }

    /** @param  list<Motion>  $all */
    private function isItsDoor(Motion $motion, Text $meets, array $all): bool
    {
        return array_filter($all, fn (Motion $m): bool => $m->mover->name === $meets && $motion->mover->isBehind($m->mover)) !== [];
    }

    /** @param  array<string, Text|Length|Angle>  $args */
    private function say(Motion $motion, string $code, Severity $severity, array $args): Finding
    {
        return new Finding($code, $severity, new Place(WorkStage::Fit, $motion->mover->id),
            Text::of($code, ...$args), Text::of("$code.remedy", ...$args), Text::of('source.moving'));
    }
}
