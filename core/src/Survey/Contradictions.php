<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Reading;
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
 * Readings that cannot all be true. Two takes of one that differ by more than chance ask for a third. What is more likely a slip than not is left out,
 * and the size told with it and without. The rest is tested, |r| / (σ·√q) > 3.5 (fieldbook §1; Baarda's data snooping): one reading is blamed only if
 * it stands out from every other; readings that disagree equally are named together and a further one is asked for.
 */
final class Contradictions
{
    private const LIMIT = 3.5;

    /** Two test figures closer than this share are the same disagreement seen twice. */
    private const SAME = 0.02;

    public function __construct(private readonly Unit $unit)
    {
    }

    /**
     * @param  non-empty-list<Target>  $targets
     * @return list<Finding>
     */
    public function in(Sifted $sifted, array $targets, Space $space): array
    {
        $aside = array_map(fn (Observation $o): string => "$o->reading $o->value", $sifted->aside);
        $isAside = fn (Residual $r): bool => in_array("$r->reading $r->value", $aside, true);
        // Nobody slips twice the same way: what was taken twice, and agrees, is how the wall is.
        $kept = array_count_values(array_map(fn (Residual $r): string => $isAside($r) ? '' : $r->reading, $sifted->kept->residuals));
        $isSure = fn (Residual $r): bool => ($kept[$r->reading] ?? 0) > 1;
        $isSaid = fn (Residual $r): bool => isset($sifted->differing[$r->reading]);
        $left = array_filter($sifted->kept->residuals, fn (Residual $r): bool => $isAside($r) && ! $isSaid($r));
        $tested = array_filter($sifted->kept->residuals, fn (Residual $r): bool => ! $isAside($r) && ! $isSaid($r) && ! $isSure($r));

        return [
            ...array_map(fn (string $id, float $by): Finding => $this->differing($space->readings[$id], $by),
                array_keys($sifted->differing), $sifted->differing),
            ...array_map(fn (Residual $r): Finding => $this->aside($r, $sifted, $targets, $space), array_values($left)),
            ...$this->tested(array_values($tested), $space),
        ];
    }

    /**
     * @param  list<Residual>  $residuals
     * @return list<Finding>
     */
    private function tested(array $residuals, Space $space): array
    {
        $worst = max([0.0, ...array_map(fn (Residual $r): float => abs($r->standardised), $residuals)]);
        if ($worst <= self::LIMIT) {
            return [];
        }
        $suspects = array_values(array_filter($residuals, fn (Residual $r): bool => abs($r->standardised) >= $worst * (1 - self::SAME)));

        return count($suspects) === 1
            ? [$this->blamed($suspects[0], $space)]
            : array_map(fn (Residual $r): Finding => $this->suspected($r, $space, count($suspects)), $suspects);
    }

    private function differing(Reading $reading, float $by): Finding
    {
        $takes = $reading->takes;
        $by = $reading->kind->isAngle() ? Angle::ofDegrees($by) : Clip::nearest($by);
        $name = Measurements::of($reading->kind)->name($reading);
        // Either may be the wrong one: the slip that would explain it is looked for in both.
        $guess = Misreading::of($takes[0], $takes[1]->number(), 1.0, $this->unit) ?? Misreading::of($takes[1], $takes[0]->number(), 1.0, $this->unit);

        return new Finding('survey.takes_differ', Severity::Look, new Place(WorkStage::Site, $reading->id),
            Text::of('survey.takes_differ', reading: $name, by: $by), self::with(Text::of('survey.third_take'), $guess),
            Text::of('source.data_snooping'), $by instanceof Length ? $by : null);
    }

    /** @param  non-empty-list<Target>  $targets */
    private function aside(Residual $residual, Sifted $sifted, array $targets, Space $space): Finding
    {
        $said = self::said($residual, $space);
        if (! in_array($residual->reading, $sifted->suspect, true)) {
            return self::finding('survey.take_left_out', $residual, $said, Text::of('survey.take_left_out.remedy'))->graded(Severity::Note);
        }
        [$known, $without, $with] = Sifted::changed($sifted->whole, $sifted->kept, $targets);
        $sizes = ['known' => Text::of("known.$known"), 'without' => Clip::nearest($without), 'with' => Clip::nearest($with)];

        $code = $sifted->adjustment === $sifted->kept || $space->readings[$residual->reading]->kind->isAcross() ? 'survey.set_aside' : 'survey.tighter_counts';

        return self::finding($code, $residual, $said + $sizes,
            $this->perhaps($residual, $space, Text::of('survey.take_again', reading: $said['reading'])));
    }

    private function blamed(Residual $residual, Space $space): Finding
    {
        $said = self::said($residual, $space);

        return self::finding('survey.reading_contradicts', $residual, $said,
            $this->perhaps($residual, $space, Text::of('survey.take_again', reading: $said['reading'])));
    }

    private function suspected(Residual $residual, Space $space, int $count): Finding
    {
        return self::finding('survey.readings_disagree', $residual, self::said($residual, $space),
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

            return self::with($remedy, Misreading::of($take, $residual->value - $off, $residual->deviation(), $this->unit));
        }

        return $remedy;
    }

    private static function with(Text $remedy, ?Text $guess): Text
    {
        return $guess === null ? $remedy : Text::of('survey.perhaps', remedy: $remedy, guess: $guess);
    }

    /**
     * The size of the disagreement is what the reading would have to change by to agree with all others.
     *
     * @return array{reading: Text, by: Length|Angle, direction: Text}
     */
    private static function said(Residual $residual, Space $space): array
    {
        $reading = $space->readings[$residual->reading];
        $off = $residual->off;
        if ($reading->kind === ReadingKind::SlopeStart) {
            // Its equation is in heights: too far out and the slope would stand above the ceiling.
            $off /= -SlopeStart::USUAL_PITCH;
        }

        return [
            'reading' => Measurements::of($reading->kind)->name($reading),
            'by' => $reading->kind->isAngle() ? Angle::ofDegrees(abs($off)) : Clip::nearest(abs($off)),
            'direction' => Text::of($off > 0 ? 'survey.too_long' : 'survey.too_short'),
        ];
    }

    /** @param  array<string, Text|Length|Angle>  $said */
    private static function finding(string $code, Residual $residual, array $said, Text $remedy): Finding
    {
        return new Finding($code, Severity::Look, new Place(WorkStage::Site, $residual->reading), Text::of($code, ...$said), $remedy,
            Text::of('source.data_snooping'), $said['by'] instanceof Length ? $said['by'] : null);
    }
}
