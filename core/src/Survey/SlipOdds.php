<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\ReadingKind;

/**
 * How likely it is that one of the readings is a slip (a digit, an inch, the wrong line), held against that none is, and that the walls are wavier
 * instead: "this one is off by anything, σ 40" adds 40² to its own variance. By Sherman and Morrison and the determinant lemma its likelihood is the
 * one without, times exp(½·s²·u²/(1 + s²·q))/√(1 + s²·q), where u = S⁻¹·d and q = (S⁻¹)ᵢᵢ.
 */
final readonly class SlipOdds
{
    /** Before it is held against the others: one reading in a hundred. */
    private const BEFORE = 0.01;

    private const SLIP_MM = 40.0;

    /**
     * What an edge found is the most of a whole face: it is unlike all around it by its nature, and is checked by the width that is asked for there.
     *
     * @param  list<Observation>  $observations
     */
    public function __construct(private array $observations, private Nodes $nodes)
    {
    }

    /**
     * @param  non-empty-list<array{list<list<float>>, list<float>, float}>  $of  how walls may be: L of S = L·Lᵀ, S⁻¹·d, and the log of how likely
     *                                                                            that is with no slip
     * @return list<float> by observation, 0…1; 0 for what is said of a whole face
     */
    public function of(array $of): array
    {
        $none = array_map(fn (array $o): float => $o[2], $of);
        $slips = [];
        foreach ($of as [$factor, $u, $log]) {
            foreach ($this->gains($factor, $u) as $i => $gain) {
                $slips[$i][] = $log + $gain + log(self::BEFORE / (1.0 - self::BEFORE));
            }
        }
        $greatest = max([...$none, ...array_merge(...array_values($slips), ...[[]])]);
        $slips = array_map(fn (array $logs): float => self::sum($logs, $greatest), $slips);
        $all = self::sum($none, $greatest) + array_sum($slips);

        return array_map(fn (int $i): float => ($slips[$i] ?? 0.0) / $all, array_keys($this->observations));
    }

    /** @param  list<float>  $logs */
    private static function sum(array $logs, float $greatest): float
    {
        return array_sum(array_map(fn (float $l): float => exp($l - $greatest), $logs));
    }

    /**
     * @param  list<list<float>>  $factor
     * @param  list<float>  $u
     * @return array<int, float> the log of how much likelier all readings are if this one slipped, by observation
     */
    private function gains(array $factor, array $u): array
    {
        $read = array_keys(array_filter($this->observations, fn (Observation $o): bool => ! $this->isOfFace($o)));
        $gains = [];
        foreach (Matrix::inverseDiagonal($factor, $read[0] ?? count($factor)) as $i => $q) {
            if ($this->isOfFace($this->observations[$i])) {
                continue;
            }
            $variance = $this->slip($this->observations[$i]) ** 2;
            // Where the others know it no better than a slip is large, nothing speaks against it but what rooms usually are.
            if ($variance * $q < 1.0) {
                continue;
            }
            $gains[$i] = 0.5 * ($variance * $u[$i] ** 2 / (1.0 + $variance * $q) - log(1.0 + $variance * $q));
        }

        return $gains;
    }

    private function isOfFace(Observation $of): bool
    {
        return $of->reading === '' || $this->nodes->sizes->space->readings[$of->reading]->kind === ReadingKind::SlidEdge;
    }

    /** One standard deviation of a slip: mm, or degrees. */
    private function slip(Observation $of): float
    {
        return $of instanceof Bearing ? rad2deg(self::SLIP_MM / max(1.0, (float) $this->nodes->sizes->depth->millimetres())) : self::SLIP_MM;
    }
}
