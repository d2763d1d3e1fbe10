<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Space;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/**
 * How well the plumb clear width is known, and which one further reading would help it most.
 * Source: docs/formulas/survey.md. Variance of (right wall − left wall) at the governing stations,
 * plus the wander of a wall between stations (0.5 mm a metre of the widest gap between them, our prior).
 */
final readonly class DoubtOfWidth
{
    private const BOW_MM_PER_M = 0.5;

    public function __construct(private Unknowns $unknowns, private Instruments $instruments) {}

    public function of(Adjustment $adjustment, Space $space): Doubt
    {
        $gradient = $this->governing($adjustment);
        [$gap, $middle] = $this->widestGap();
        $now = $this->doubled(Matrix::quadratic($gradient, $adjustment->covariance), $gap);
        [$then, $advice] = $this->bestFurther($adjustment, $gradient, $gap, $middle);
        $helps = $then !== null && $then < 0.9 * $now;

        return new Doubt(self::length($now), $helps ? self::length($then) : null, $helps ? $advice : null);
    }

    /**
     * The right wall where it stands least, less the left wall where it stands most.
     *
     * @return array<int, float>
     */
    private function governing(Adjustment $adjustment): array
    {
        $best = [];
        foreach (Side::cases() as $side) {
            $sign = $side === Side::Right ? 1.0 : -1.0;
            $least = INF;
            foreach ($this->unknowns->planes() as $plane) {
                foreach ($this->unknowns->stations as $z) {
                    $wall = Unknowns::scaled($this->unknowns->wall($side, $z, $plane), $sign);
                    [$x] = (new Linear($wall, 0.0, 1.0))->predict($adjustment->state);
                    if ($x < $least) {
                        [$least, $best[$side->value]] = [$x, $wall];
                    }
                }
            }
        }

        return Unknowns::sum(...array_values($best));
    }

    /**
     * Candidates: the plumb of either wall from the lowest to the highest station, a width midway in the widest gap.
     *
     * @param  array<int, float>  $gradient
     * @return array{?float, ?Text}
     */
    private function bestFurther(Adjustment $adjustment, array $gradient, float $gapMm, Length $middle): array
    {
        $stations = $this->unknowns->stations;
        [$low, $high] = [Length::ofUnits($stations[0]), Length::ofUnits($stations[count($stations) - 1])];
        $candidates = [];
        if (count($stations) > 1) {
            foreach (Side::cases() as $side) {
                $lean = Unknowns::sum($this->unknowns->wall($side, $high, Plane::Front),
                    Unknowns::scaled($this->unknowns->wall($side, $low, Plane::Front), -1.0));
                $sigma = Instruments::standard($this->instruments->levelLimit($high->minus($low)));
                $candidates[] = [$this->doubled($this->reduced($adjustment, $gradient, $lean, $sigma), $gapMm),
                    Text::of("reading.plumb_{$side->value}", z: $high, from: $low)];
            }
        }
        $variance = Matrix::quadratic($gradient, $adjustment->covariance);
        $candidates[] = [$this->doubled($variance, $gapMm / 2), Text::of('reading.width', z: $middle)];
        usort($candidates, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $candidates[0];
    }

    /**
     * gᵀCg after one more observation h with σ: gᵀCg − (gᵀCh)² / (σ² + hᵀCh).
     *
     * @param  array<int, float>  $g
     * @param  array<int, float>  $h
     */
    private function reduced(Adjustment $adjustment, array $g, array $h, float $sigma): float
    {
        $c = $adjustment->covariance;
        $cross = 0.0;
        foreach ($g as $i => $a) {
            foreach ($h as $j => $b) {
                $cross += $a * $c[$i][$j] * $b;
            }
        }

        return Matrix::quadratic($g, $c) - $cross ** 2 / ($sigma ** 2 + Matrix::quadratic($h, $c));
    }

    private function doubled(float $variance, float $gapMm): float
    {
        return 2.0 * sqrt(max(0.0, $variance) + (self::BOW_MM_PER_M * $gapMm / 1000) ** 2);
    }

    /** @return array{float, Length} the widest gap between stations in mm, and its middle to 50 mm */
    private function widestGap(): array
    {
        $s = $this->unknowns->stations;
        $widest = [1000.0, $s[0] + 1000 * Length::PER_MM];
        $found = 0.0;
        for ($i = 1; $i < count($s); $i++) {
            $gap = ($s[$i] - $s[$i - 1]) / Length::PER_MM;
            if ($gap > $found) {
                [$found, $widest] = [$gap, [$gap, intdiv($s[$i] + $s[$i - 1], 2)]];
            }
        }
        $step = 50 * Length::PER_MM;

        return [$widest[0], Length::ofUnits((int) round($widest[1] / $step) * $step)];
    }

    private static function length(float $mm): Length
    {
        return Length::roundedFromMillimetres(round($mm, 1), Rounding::Nearest);
    }
}
