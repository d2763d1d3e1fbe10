<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Reading;

/**
 * How well everything that the piece needs is known, and which further readings would help most.
 * Doubt is twice the root mean square of (rooms drawn from the posterior − what is stated). A further reading h with standard
 * deviation σ would take cov(f, h)²/(var h + σ²) off the variance of a target f: the regression of f on h over those rooms.
 * That chooses the few most promising; what they would really leave is taken from the rooms moved to agree with the reading,
 * since a least or greatest is no sum. Derivation: docs/formulas/survey.md.
 */
final class Advisor
{
    /** Less than this share off the doubt is not worth a walk. */
    private const WORTH = 0.03;

    private const MOST = 5;

    /** So many of the most promising readings are tried out on the drawn rooms. */
    private const TRIED = 6;

    /** @var list<array{reading: Reading, slopes: array<int, float>, sigma: float}> */
    private readonly array $candidates;

    /** @param  list<array{reading: Reading, observation: Observation}>  $candidates */
    public function __construct(array $candidates, private readonly Adjustment $adjustment)
    {
        $mean = $adjustment->learned->likeliest()->mean();
        $this->candidates = array_map(fn (array $c): array => [
            'reading' => $c['reading'], 'slopes' => $c['observation']->predict($mean)[1], 'sigma' => $c['observation']->sigma,
        ], $candidates);
    }

    /**
     * @param  non-empty-list<Target>  $targets
     * @return non-empty-list<Weighed>
     */
    public function weighed(array $targets): array
    {
        return array_map(function (Target $target): Weighed {
            $stated = $target->stated($this->adjustment->state);

            $doubts = array_map(fn (Samples $s): float => self::doubt(array_map($target->value, $s->states), $stated), $this->drawn($target, true));

            return new Weighed($target->name, $stated, max($doubts), $target->enough);
        }, $targets);
    }

    /**
     * The readings that would help most, the best first.
     *
     * @param  list<Target>  $open  what is not known well enough
     * @return list<Advice>
     */
    public function of(array $open): array
    {
        $offers = [];
        foreach ($open as $target) {
            $stated = $target->stated($this->adjustment->state);
            $bearing = $this->bearing($target);
            [$doubt, $samples, $values] = $this->widest($target, $stated);
            foreach (self::promising($bearing, $values, $samples) as $candidate) {
                $rooms = $samples->after($candidate['slopes'], $candidate['sigma'], $target->unknowns);
                $then = self::doubt(array_map($target->value, $rooms), $stated);
                if ($then < (1.0 - self::WORTH) * $doubt) {
                    $offers[] = [($doubt - $then) / $target->enough, new Advice($candidate['reading'], $target->name, $doubt, $then)];
                }
            }
        }

        return self::best($offers);
    }

    /**
     * Rooms drawn with walls as they were learned, and with usual ones: what is stated is never surer than either, for what lies
     * between the places read is not learned there.
     *
     * @param  bool  $alone  no more of each is drawn than the target looks at
     * @return non-empty-list<Samples>
     */
    private function drawn(Target $target, bool $alone): array
    {
        $varying = self::varying($target, $this->bearing($target));

        return array_map(fn (Learned $walls): Samples => new Samples($walls, $varying, $alone ? count($target->unknowns) : null),
            [$this->adjustment->usual, $this->adjustment->learned]);
    }

    /** @return array{float, Samples, list<float>} the doubt, and of which rooms it is: what the target is in each */
    private function widest(Target $target, float $stated): array
    {
        $found = array_map(function (Samples $samples) use ($target, $stated): array {
            $values = array_map($target->value, $samples->states);

            return [self::doubt($values, $stated), $samples, $values];
        }, $this->drawn($target, false));
        usort($found, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return $found[0];
    }

    /**
     * @param  list<array{reading: Reading, slopes: array<int, float>, sigma: float}>  $bearing
     * @return list<int> the target's unknowns, then those of the readings that could speak of it
     */
    private static function varying(Target $target, array $bearing): array
    {
        $all = array_flip($target->unknowns);
        foreach ($bearing as $candidate) {
            $all += array_flip(array_keys($candidate['slopes']));
        }

        return array_keys($all);
    }

    /** @return list<array{reading: Reading, slopes: array<int, float>, sigma: float}> */
    private function bearing(Target $target): array
    {
        $own = array_flip($target->unknowns);

        return array_values(array_filter($this->candidates,
            fn (array $c): bool => array_intersect_key($c['slopes'], $own) !== []));
    }

    /**
     * Those that explain most of the target's variance, the best first.
     *
     * @param  list<array{reading: Reading, slopes: array<int, float>, sigma: float}>  $bearing
     * @param  list<float>  $values
     * @return list<array{reading: Reading, slopes: array<int, float>, sigma: float}>
     */
    private static function promising(array $bearing, array $values, Samples $samples): array
    {
        $mean = self::mean($values);
        $ranked = [];
        foreach ($bearing as $candidate) {
            [$off, $variance] = $samples->along($candidate['slopes']);
            $covariance = self::mean(array_map(fn (float $f, float $x): float => ($f - $mean) * $x, $values, $off));
            $ranked[] = [$covariance ** 2 / ($variance + $candidate['sigma'] ** 2), $candidate];
        }
        usort($ranked, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(array_slice($ranked, 0, self::TRIED), 1);
    }

    /** @param  list<float>  $values */
    private static function doubt(array $values, float $stated): float
    {
        return 2.0 * sqrt(self::mean(array_map(fn (float $v): float => ($v - $stated) ** 2, $values)));
    }

    /**
     * The best for each thing that is not known well enough, then what else helps.
     *
     * @param  list<array{float, Advice}>  $offers
     * @return list<Advice>
     */
    private static function best(array $offers): array
    {
        usort($offers, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $best = $others = [];
        foreach ($offers as [, $advice]) {
            $key = json_encode(ReadingWriter::shape($advice->reading), JSON_THROW_ON_ERROR);
            isset($best[$advice->helps]) ? $others[$key] ??= $advice : $best[$advice->helps] = $advice;
        }

        return array_slice(array_values([...$best, ...$others]), 0, self::MOST);
    }

    /** @param  list<float>  $values */
    private static function mean(array $values): float
    {
        return array_sum($values) / max(1, count($values));
    }
}
