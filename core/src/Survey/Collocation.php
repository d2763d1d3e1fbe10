<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * Weighted least squares with the surfaces' smoothness as a stochastic signal: least-squares collocation.
 * Sources: Moritz, Advanced Physical Geodesy, ch. 11–15 (collocation); Niemeier, Ausgleichungsrechnung, ch. 7
 * (standardised residuals, data snooping); Gauss–Newton steps for readings that are not linear.
 * In the estimate the prior counts with a vanishing weight, so that it decides only what no reading does;
 * in the covariance it counts whole, so that the doubt is honest. Derivation: docs/formulas/survey.md.
 * Cost: m³ for m takes and m·n for n unknowns; a thorough survey has m and n under 100.
 */
final class Collocation
{
    private const STEPS = 12;

    private const STILL_MM = 1e-7;

    /** A last step longer than this has not found the room. */
    private const STRAYED_MM = 0.05;

    private const CLOSING_STEPS = 3;

    /** How much wider than stated the prior is taken in the estimate (of its variance). */
    private const FAINT = 1e4;

    /** The same for testing readings against each other: a wall may be five times as wild as assumed before it is doubted. */
    private const TESTED = 25.0;

    /** Below this share of its own variance a reading is not checked by others, and not tested. */
    private const UNCHECKED = 1e-4;

    /**
     * Readings that are not linear and cannot be reconciled with the others (a diagonal shorter than the side it crosses)
     * are left out of the estimate, and stand against it.
     *
     * @param  list<Observation>  $observations
     * @param  list<Observation>  $aside  left out already, and held against the rest
     */
    public static function solve(Nodes $nodes, array $observations, array $aside = []): Adjustment
    {
        $adjustment = self::settled($nodes, $observations, $aside);
        if ($adjustment !== null) {
            return $adjustment;
        }
        $linear = array_values(array_filter($observations, fn (Observation $o): bool => $o instanceof Linear));
        $others = array_values(array_filter($observations, fn (Observation $o): bool => ! $o instanceof Linear));

        return self::settled($nodes, $linear, [...$aside, ...$others]) ?? throw new \LogicException('Linear readings settle in one step.');
    }

    /**
     * @param  list<Observation>  $observations
     * @param  list<Observation>  $leftOut
     */
    private static function settled(Nodes $nodes, array $observations, array $leftOut): ?Adjustment
    {
        $mean = $state = $nodes->mean();
        $step = 0;
        do {
            $links = new Links($nodes, $observations, $state);
            $factor = Matrix::factor($links->variance(self::FAINT));
            $weights = Matrix::solve($factor, $links->misclosure($mean));
            $next = $links->moved($mean, $weights, self::FAINT);
            $moved = self::furthest($next, $state);
            $state = $next;
        } while ($moved > self::STILL_MM && ! $links->areLinear() && ++$step < self::STEPS);
        // Even a faint prior pulls at what readings settle, by more than the grid where it is far from true.
        // The last steps leave its pull out (iterated Tikhonov): readings come out exactly, the rest stays where it is.
        for ($i = 0; $i < self::CLOSING_STEPS; $i++) {
            $more = Matrix::solve($factor, $links->residuals($state));
            $next = $links->moved($state, $more, self::FAINT);
            $moved = $links->areLinear() ? 0.0 : self::furthest($next, $state);
            $state = $next;
            $weights = array_map(fn (float $a, float $b): float => $a + $b, $weights, $more);
        }
        if ($moved > self::STRAYED_MM) {
            return null;
        }

        return new Adjustment(
            $state,
            [...self::residuals($observations, $links, $links->misclosure($mean), $state), ...self::against($leftOut, $state)],
            new Learned($nodes, $observations, $state, Character::grid()),
            new Learned($nodes, $observations, $state, [Character::usual()]),
            new Posterior($nodes, $links, self::FAINT),
            new Shape($nodes, $links, array_map(fn (float $w): float => self::FAINT * $w, $weights)),
        );
    }

    /**
     * @param  list<float>  $next
     * @param  list<float>  $state
     */
    private static function furthest(array $next, array $state): float
    {
        return max([0.0, ...array_map(fn (float $a, float $b): float => abs($a - $b), $next, $state)]);
    }

    /**
     * @param  list<Observation>  $leftOut
     * @param  array<int, float>  $state
     * @return list<Residual>
     */
    private static function against(array $leftOut, array $state): array
    {
        return array_map(function (Observation $o) use ($state): Residual {
            $off = $o->value - $o->predict($state)[0];

            return new Residual($o->reading, $off, 1.0, $off / $o->sigma, $o->value, $off);
        }, $leftOut);
    }

    /**
     * With u = S⁻¹·d for S = H·K·Hᵀ + R: the redundancy of a take is R·(S⁻¹)ᵢᵢ and its test figure uᵢ/√(S⁻¹)ᵢᵢ.
     *
     * @param  list<Observation>  $observations
     * @param  list<float>  $misclosure
     * @param  array<int, float>  $state
     * @return list<Residual>
     */
    private static function residuals(array $observations, Links $links, array $misclosure, array $state): array
    {
        $factor = Matrix::factor($links->variance(self::TESTED));
        $u = Matrix::solve($factor, $misclosure);
        $inverse = Matrix::inverseDiagonal($factor);
        $left = $links->residuals($state);
        $residuals = [];
        foreach ($observations as $i => $o) {
            // What holds all over a face was not read as such: nobody can take it again.
            if ($o->reading === '') {
                continue;
            }
            $redundancy = $o->sigma ** 2 * $inverse[$i];
            $tested = $redundancy > self::UNCHECKED;
            $residuals[] = new Residual($o->reading, $left[$i], $redundancy, $tested ? $u[$i] / sqrt($inverse[$i]) : 0.0, $o->value, $u[$i] / $inverse[$i]);
        }

        return $residuals;
    }
}
