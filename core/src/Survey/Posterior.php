<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** What is still doubtful after the readings: the covariance of any of the unknowns, P = K − K·Hᵀ·S⁻¹·H·K, with the prior taken `priorFactor` times wider. */
final class Posterior
{
    /** @var list<list<float>> */
    private array $factor;

    /** @var list<float>|null */
    private ?array $mean = null;

    /** @var array<int, array<int, float>> what was asked for before: targets share unknowns */
    private array $known = [];

    /** @var array<int, list<float>> L⁻¹·H·K by unknown */
    private array $halves = [];

    public function __construct(
        private readonly Nodes|Blend $nodes,
        private readonly Links $links,
        private readonly float $priorFactor,
    ) {
        $this->factor = Matrix::factor($links->variance($priorFactor));
    }

    /** @return list<float> the likeliest values of all unknowns, the prior counted whole (mm) */
    public function mean(): array
    {
        $prior = $this->nodes->mean();

        return $this->mean ??= $this->links->moved($prior, Matrix::solve($this->factor, $this->links->misclosure($prior)), $this->priorFactor);
    }

    public function covariance(int $i, int $j): float
    {
        return $this->known[$i][$j] ??= $this->worked($i, $j);
    }

    private function worked(int $i, int $j): float
    {
        $k = $this->priorFactor * $this->nodes->covariance($i, $j);
        $a = $this->half($i);
        $b = $this->half($j);
        $square = $this->priorFactor ** 2;
        foreach ($a as $o => $v) {
            $k -= $square * $v * $b[$o];
        }

        return $k;
    }

    /**
     * @param  list<int>  $unknowns
     * @return list<list<float>> lower rows, each up to its diagonal
     */
    public function covariances(array $unknowns): array
    {
        $c = [];
        foreach ($unknowns as $p => $i) {
            $row = [];
            for ($q = 0; $q <= $p; $q++) {
                $row[] = $this->covariance($i, $unknowns[$q]);
            }
            $c[] = $row;
        }

        return $c;
    }

    /** @param  array<int, float>  $combination */
    public function variance(array $combination): float
    {
        $sum = 0.0;
        foreach ($combination as $i => $a) {
            foreach ($combination as $j => $b) {
                $sum += $a * $b * $this->covariance($i, $j);
            }
        }

        return max(0.0, $sum);
    }

    /**
     * How large a slip of each observation could be and still pass for chance: δ₀/√(S⁻¹)ᵢᵢ, δ₀ for a test of 2.6 that misses one in
     * two hundred (Baarda's internal reliability; with R alone it is δ₀·σ/√redundancy).
     *
     * @return array<int, float> by observation: mm, or degrees; infinite where nothing checks it
     */
    public function hidden(float $noncentrality): array
    {
        return array_map(fn (float $x): float => $x > 0.0 ? $noncentrality / sqrt($x) : INF, Matrix::inverseDiagonal($this->factor));
    }

    /**
     * What an error of 1 in each observation makes of a sum of unknowns: S⁻¹·H·K·c.
     *
     * @param  array<int, float>  $combination
     * @return list<float>
     */
    public function leverage(array $combination): array
    {
        $together = array_fill(0, count($this->factor), 0.0);
        foreach ($combination as $i => $c) {
            foreach ($this->links->toNodes()[$i] as $o => $k) {
                $together[$o] += $c * $this->priorFactor * $k;
            }
        }

        return Matrix::solve($this->factor, array_values($together));
    }

    /** @return list<float> */
    private function half(int $i): array
    {
        return $this->halves[$i] ??= Matrix::forward($this->factor, $this->links->toNodes()[$i]);
    }
}
