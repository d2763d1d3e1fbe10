<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Survey\Readings\Measurements;
use Incastro\Core\Survey\Readings\SlopeStart;

/**
 * Readings that cannot all be true. The test is |r| / (σ·√q) > 3 (fieldbook §1; Baarda's data snooping).
 * One reading is blamed only if it stands out from every other; readings that disagree equally are named
 * together and a further one is asked for.
 */
final class Contradictions
{
    private const LIMIT = 3.0;

    public function __construct(private readonly Unit $unit)
    {
    }

    /** Two test figures closer than this share are the same disagreement seen twice. */
    private const SAME = 0.02;

    /** @return list<Finding> */
    public function in(Adjustment $adjustment, Space $space): array
    {
        $worst = max([0.0, ...array_map(fn (Residual $r): float => abs($r->standardised), $adjustment->residuals)]);
        if ($worst <= self::LIMIT) {
            return [];
        }
        $suspects = array_values(array_filter(
            $adjustment->residuals,
            fn (Residual $r): bool => abs($r->standardised) >= $worst * (1 - self::SAME),
        ));

        return count($suspects) === 1
            ? [$this->blamed($suspects[0], $space)]
            : array_map(fn (Residual $r): Finding => $this->suspected($r, $space, count($suspects)), $suspects);
    }

    private function blamed(Residual $residual, Space $space): Finding
    {
        return $this->finding('survey.reading_contradicts', $residual, $space,
            $this->perhaps($residual, $space, Text::of('survey.take_again', reading: self::name($space, $residual))));
    }

    private function suspected(Residual $residual, Space $space, int $count): Finding
    {
        return $this->finding('survey.readings_disagree', $residual, $space,
            $this->perhaps($residual, $space, Text::of('survey.take_a_third', count: $count)));
    }

    /** A way of misreading the tape that would explain it, where there is one. */
    private function perhaps(Residual $residual, Space $space, Text $remedy): Text
    {
        $reading = $space->readings[$residual->reading];
        $off = $residual->off;
        foreach ($reading->takes as $take) {
            if ($take->value === null || abs($take->number() - $residual->value) > 1e-9) {
                continue;
            }
            $guess = Misreading::of($take, $residual->value - $off, abs($off / $residual->standardised), $this->unit);

            return $guess === null ? $remedy : Text::of('survey.perhaps', remedy: $remedy, guess: $guess);
        }

        return $remedy;
    }

    /** The size of the disagreement is what the reading would have to change by to agree with all others. */
    private function finding(string $code, Residual $residual, Space $space, Text $remedy): Finding
    {
        $reading = $space->readings[$residual->reading];
        [$off, $grows] = [$residual->off, ['survey.too_long', 'survey.too_short']];
        if ($reading->kind === ReadingKind::SlopeStart) {
            // Its equation is in heights: too far out and the slope would stand above the ceiling.
            $off /= -SlopeStart::USUAL_PITCH;
        }
        $by = $reading->kind->isAngle() ? Angle::ofDegrees(abs($off)) : Clip::nearest(abs($off));
        $direction = $grows[$off > 0 ? 0 : 1];

        return new Finding(
            $code,
            Severity::Look,
            new Place(WorkStage::Site, $residual->reading),
            Text::of($code, reading: self::name($space, $residual), by: $by, direction: Text::of($direction)),
            $remedy,
            Text::of('source.data_snooping'),
            $by instanceof Length ? $by : null,
        );
    }

    private static function name(Space $space, Residual $residual): Text
    {
        $reading = $space->readings[$residual->reading];

        return Measurements::of($reading->kind)->name($reading);
    }
}
