<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Side;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/**
 * How well the plumb clear width is known, and which one further reading would help it most.
 * The clear width is the least of right wall (any height) − left wall (any height), so every such pair counts:
 * the doubt is how far the lowest of them could come below the clear width, each taken at two standard deviations,
 * with the wander of a wall between stations added (0.5 mm a metre of the widest gap between them, our prior).
 * Source: our derivation, docs/formulas/survey.md.
 */
final readonly class DoubtOfWidth
{
    private const BOW_MM_PER_M = 0.5;

    public function __construct(private Unknowns $unknowns, private Instruments $instruments)
    {
    }

    public function of(Adjustment $adjustment): Doubt
    {
        $pairs = $this->pairs($adjustment);
        [$gap, $middle] = $this->widestGap();
        $now = $this->doubt($pairs, $adjustment, $gap);
        $candidates = [[$this->doubt($pairs, $adjustment, $gap / 2), Text::of('reading.width', z: $middle)]];
        foreach ($this->plumbCandidates() as [$lean, $sigma, $name]) {
            $candidates[] = [$this->doubt($pairs, $adjustment, $gap, [$lean, $sigma]), $name];
        }
        usort($candidates, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$then, $advice] = $candidates[0];
        $helps = $then < 0.9 * $now;

        return new Doubt(self::length($now), $helps ? self::length($then) : null, $helps ? $advice : null);
    }

    /**
     * Right wall less left wall, for every pair of stations: its value (mm) and what it is made of.
     *
     * @return list<array{float, array<int, float>}>
     */
    private function pairs(Adjustment $adjustment): array
    {
        $pairs = [];
        foreach ($this->unknowns->planes() as $plane) {
            foreach ($this->unknowns->stations as $high) {
                foreach ($this->unknowns->stations as $low) {
                    $pair = Unknowns::difference($this->unknowns->wall(Side::Right, $high, $plane), $this->unknowns->wall(Side::Left, $low, $plane));
                    [$mm] = (new Linear($pair, 0.0, 1.0))->predict($adjustment->state);
                    $pairs[] = [$mm, $pair];
                }
            }
        }

        return $pairs;
    }

    /**
     * @param  list<array{float, array<int, float>}>  $pairs
     * @param  array{array<int, float>, float}|null  $more  one further observation and its standard deviation
     */
    private function doubt(array $pairs, Adjustment $adjustment, float $gapMm, ?array $more = null): float
    {
        $clear = min(array_column($pairs, 0) ?: [0.0]);
        $lowest = $clear;
        foreach ($pairs as [$mm, $pair]) {
            $variance = $more === null
                ? Matrix::quadratic($pair, $adjustment->covariance)
                : $this->reduced($adjustment, $pair, $more[0], $more[1]);
            $lowest = min($lowest, $mm - $this->doubled($variance, $gapMm));
        }

        return $clear - $lowest;
    }

    /** @return list<array{array<int, float>, float, Text}> the plumb of either wall from the lowest to the highest station */
    private function plumbCandidates(): array
    {
        $stations = $this->unknowns->stations;
        [$low, $high] = [Length::ofUnits($stations[0]), Length::ofUnits($stations[count($stations) - 1])];
        if (count($stations) < 2) {
            return [];
        }
        $sigma = Instruments::standard($this->instruments->levelLimit($high->minus($low)));

        return array_map(fn (Side $side): array => [
            Unknowns::difference($this->unknowns->wall($side, $high, Plane::Front), $this->unknowns->wall($side, $low, Plane::Front)),
            $sigma,
            Text::of("reading.plumb_{$side->value}", z: $high, from: $low),
        ], Side::cases());
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
