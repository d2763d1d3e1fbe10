<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** How the readings hang on the unknowns about one state: slopes H, K·Hᵀ and H·K·Hᵀ, each computed once. */
final class Links
{
    /** @var list<array<int, float>> H, a row an observation */
    public readonly array $slopes;

    /** @var list<list<float>>|null K·Hᵀ, a row an unknown */
    private ?array $rows = null;

    /** @var list<array{self, float}> what it is the sum of: a sum makes its rows when they are asked for, of most it never is */
    private array $parts = [];

    /** @var list<list<float>> H·K·Hᵀ */
    private array $signal;

    /** @var list<float> predicted values about the state */
    private readonly array $predicted;

    /** @var array<int, float> what each shares with the others of one tape, by observation; none where it shares nothing */
    private readonly array $tapes;

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
        $this->tapes = array_filter(array_map(fn (Observation $o): float => $o->tape, $observations));
        $this->predicted = $predicted;
        $rows = [];
        foreach (array_keys($state) as $i) {
            $rows[] = self::linkOf($nodes, $i, $slopes);
        }
        $this->rows = $rows;
        $this->signal = array_map(fn (array $h): array => self::signalOf($h, $rows, count($slopes)), $slopes);
    }

    /**
     * Of a prior that is a sum of others, each with a weight: all that hangs on it is linear in the variances.
     *
     * @param  non-empty-list<array{self, float}>  $parts
     */
    public static function summed(array $parts): self
    {
        $sum = clone $parts[0][0];
        [$sum->rows, $sum->parts] = [null, $parts];
        $sum->signal = self::mixed(array_map(fn (array $p): array => [$p[0]->signal, $p[1]], $parts));

        return $sum;
    }

    /** @return list<list<float>> K·Hᵀ, a row an unknown */
    public function toNodes(): array
    {
        return $this->rows ??= self::mixed(array_map(fn (array $p): array => [$p[0]->toNodes(), $p[1]],
            $this->parts ?: throw new \LogicException('A sum is one of parts.')));
    }

    /**
     * @param  non-empty-list<array{list<list<float>>, float}>  $parts
     * @return list<list<float>>
     */
    private static function mixed(array $parts): array
    {
        $mixed = [];
        foreach ($parts[0][0] as $i => $row) {
            $own = array_fill(0, count($row), 0.0);
            foreach ($parts as [$matrix, $weight]) {
                foreach ($matrix[$i] as $j => $x) {
                    $own[$j] += $weight * $x;
                }
            }
            $mixed[] = array_values($own);
        }

        return $mixed;
    }

    /**
     * c·H·K·Hᵀ + R, with R = diag(σ²) + t·tᵀ: takes of one tape share its scale and hook (t), and never average that away
     *
     * @return list<list<float>>
     */
    public function variance(float $priorFactor): array
    {
        $s = [];
        foreach ($this->signal as $i => $row) {
            $own = array_map(fn (float $v): float => $v * $priorFactor, $row);
            foreach (isset($this->tapes[$i]) ? $this->tapes : [] as $j => $tape) {
                $own[$j] += $this->tapes[$i] * $tape;
            }
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
        foreach ($this->toNodes() as $i => $row) {
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
