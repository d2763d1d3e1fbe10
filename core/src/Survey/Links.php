<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** How the readings hang on the unknowns about one state: slopes H, K·Hᵀ and H·K·Hᵀ, each computed once. */
final class Links
{
    /** @var list<array<int, float>> H, a row an observation */
    public readonly array $slopes;

    /** @var list<list<float>> K·Hᵀ, a row an unknown */
    public array $toNodes;

    /** @var list<list<float>> H·K·Hᵀ */
    private array $signal;

    /** @var list<float> predicted values about the state */
    private readonly array $predicted;

    /**
     * @param  list<Observation>  $observations
     * @param  array<int, float>  $state
     */
    public function __construct(Nodes $nodes, private readonly array $observations, private readonly array $state)
    {
        $slopes = $predicted = [];
        foreach ($observations as $o) {
            [$predicted[], $slopes[]] = $o->predict($state);
        }
        $this->slopes = $slopes;
        $this->predicted = $predicted;
        $rows = [];
        foreach (array_keys($state) as $i) {
            $rows[] = self::linkOf($nodes, $i, $slopes);
        }
        $this->toNodes = $rows;
        $this->signal = array_map(fn (array $h): array => self::signalOf($h, $rows, count($slopes)), $slopes);
    }

    /**
     * Of a prior that is this one and a part of what the other's has more: both are linear in the variances.
     */
    public function blended(self $other, float $part): self
    {
        $blend = clone $this;
        $blend->toNodes = self::mixed($this->toNodes, $other->toNodes, $part);
        $blend->signal = self::mixed($this->signal, $other->signal, $part);

        return $blend;
    }

    /**
     * @param  list<list<float>>  $a
     * @param  list<list<float>>  $b
     * @return list<list<float>>
     */
    private static function mixed(array $a, array $b, float $part): array
    {
        $mixed = [];
        foreach ($a as $i => $row) {
            $own = [];
            foreach ($row as $j => $x) {
                $own[] = $x + $part * ($b[$i][$j] - $x);
            }
            $mixed[] = $own;
        }

        return $mixed;
    }

    /**
     * c·H·K·Hᵀ + R
     *
     * @return list<list<float>>
     */
    public function variance(float $priorFactor): array
    {
        $s = [];
        foreach ($this->signal as $i => $row) {
            $own = array_map(fn (float $v): float => $v * $priorFactor, $row);
            $own[$i] += $this->observations[$i]->sigma ** 2;
            $s[] = array_values($own);
        }

        return $s;
    }

    /**
     * What is read less what the mean would give, by the slopes about the state.
     *
     * @param  list<float>  $mean
     * @return list<float>
     */
    public function misclosure(array $mean): array
    {
        $d = [];
        foreach ($this->slopes as $i => $h) {
            $d[] = $this->observations[$i]->value - $this->predicted[$i] + Sum::value($h, $this->state) - Sum::value($h, $mean);
        }

        return $d;
    }

    /**
     * @param  array<int, float>  $state
     * @return list<float>
     */
    public function residuals(array $state): array
    {
        return array_map(fn (Observation $o): float => $o->value - $o->predict($state)[0], $this->observations);
    }

    /**
     * The state moved by c·K·Hᵀ·w.
     *
     * @param  array<int, float>  $state
     * @param  list<float>  $weights  by observation
     * @return list<float>
     */
    public function moved(array $state, array $weights, float $priorFactor): array
    {
        foreach ($this->toNodes as $i => $row) {
            $sum = 0.0;
            foreach ($weights as $o => $w) {
                $sum += $row[$o] * $w;
            }
            $state[$i] += $priorFactor * $sum;
        }

        return array_values($state);
    }

    public function areLinear(): bool
    {
        return array_filter($this->observations, fn (Observation $o): bool => ! $o instanceof Linear) === [];
    }

    /**
     * @param  list<array<int, float>>  $slopes
     * @return list<float>
     */
    private static function linkOf(Nodes $nodes, int $i, array $slopes): array
    {
        $known = [];
        $row = [];
        foreach ($slopes as $h) {
            $sum = 0.0;
            foreach ($h as $j => $c) {
                $sum += $c * ($known[$j] ??= $nodes->known($i, $j));
            }
            $row[] = $sum;
        }

        return $row;
    }

    /**
     * @param  array<int, float>  $h
     * @param  list<list<float>>  $rows
     * @return list<float>
     */
    private static function signalOf(array $h, array $rows, int $count): array
    {
        $signal = array_fill(0, $count, 0.0);
        foreach ($h as $j => $c) {
            foreach ($rows[$j] as $o => $v) {
                $signal[$o] += $c * $v;
            }
        }

        return array_values($signal);
    }
}
