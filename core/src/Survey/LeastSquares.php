<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * Weighted least squares with Gauss–Newton steps for the readings that are not linear.
 * Source: Niemeier, Ausgleichungsrechnung, ch. 4 (adjustment) and 7 (standardised residuals, data snooping).
 * Assumptions count with a vanishing weight in the estimate, so that they decide only what no reading does,
 * and with their own weight in the covariance, so that the doubt they leave is honest.
 * Cost: n³ for n unknowns; a niche has fewer than 40.
 */
final class LeastSquares
{
    private const STEPS = 8;

    private const CLOSING_STEPS = 3;

    /** Weight of an assumption against a reading in the estimate. */
    private const FAINT = 1e-7;

    /**
     * @param  list<Observation>  $observations
     * @param  list<float>  $start mm
     */
    public static function solve(array $observations, array $start): Adjustment
    {
        $state = $start;
        for ($i = 0; $i < self::STEPS; $i++) {
            [$normal, $right] = self::normalEquations($observations, $state, self::FAINT);
            $step = Matrix::solve($normal, $right);
            $state = array_map(fn (float $x, float $dx): float => $x + $dx, $state, $step);
            if (max([0.0, ...array_map(abs(...), $step)]) < 1e-7) {
                break;
            }
        }
        // Even a faint assumption pulls at what readings settle, by more than the grid where it is far from true.
        // The last steps leave its pull out (iterated Tikhonov): readings come out exactly, the rest stays where it is.
        for ($i = 0; $i < self::CLOSING_STEPS; $i++) {
            [$normal, $right] = self::normalEquations($observations, $state, self::FAINT, false);
            $state = array_map(fn (float $x, float $dx): float => $x + $dx, $state, Matrix::solve($normal, $right));
        }
        [$faint] = self::normalEquations($observations, $state, self::FAINT);
        [$full] = self::normalEquations($observations, $state, 1.0);

        return new Adjustment($state, Matrix::inverse($full), self::residuals($observations, $state, Matrix::inverse($faint)));
    }

    /**
     * @param  list<Observation>  $observations
     * @param  list<float>  $state
     * @return array{list<list<float>>, list<float>}
     */
    private static function normalEquations(array $observations, array $state, float $assumptionWeight, bool $assumptionsPull = true): array
    {
        $n = count($state);
        $normal = array_fill(0, $n, array_fill(0, $n, 0.0));
        $right = array_fill(0, $n, 0.0);
        foreach ($observations as $o) {
            [$predicted, $slopes] = $o->predict($state);
            $weight = ($o->reading() === null ? $assumptionWeight : 1.0) / $o->sigma() ** 2;
            $pulls = $assumptionsPull || $o->reading() !== null;
            foreach ($slopes as $i => $a) {
                $right[$i] += $pulls ? $a * $weight * ($o->value() - $predicted) : 0.0;
                foreach ($slopes as $j => $b) {
                    $normal[$i][$j] += $a * $weight * $b;
                }
            }
        }

        return [array_map(array_values(...), $normal), array_values($right)];
    }

    /**
     * @param  list<Observation>  $observations
     * @param  list<float>  $state
     * @param  list<list<float>>  $covariance of the estimate without assumptions
     * @return list<Residual>
     */
    private static function residuals(array $observations, array $state, array $covariance): array
    {
        $residuals = [];
        foreach ($observations as $o) {
            if ($o->reading() === null) {
                continue;
            }
            [$predicted, $slopes] = $o->predict($state);
            $redundancy = 1.0 - Matrix::quadratic($slopes, $covariance) / $o->sigma() ** 2;
            $r = $o->value() - $predicted;
            $tested = $redundancy > 0.01;
            $residuals[] = new Residual($o->reading(), $r, $redundancy,
                $tested ? $r / ($o->sigma() * sqrt($redundancy)) : 0.0);
        }

        return $residuals;
    }
}
