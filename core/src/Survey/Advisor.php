<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Reading;

/**
 * How well everything that the piece needs is known, and which further readings would help most.
 * Stated is the least and greatest of the mean room as learned; doubt is twice the root mean square of (rooms drawn from the posterior − that).
 * A further reading h with standard deviation σ would take cov(f, h)²/(var h + σ²) off the variance of a target f: the regression of f on h
 * over those rooms. That chooses the few most promising; what they would really leave is taken from the rooms moved to agree with the reading,
 * since a least or greatest is no sum. Derivation: docs/formulas/survey.md.
 *
 * @phpstan-type Candidate array{reading: Reading, slopes: array<int, float>, sigma: float}
 */
final class Advisor
{
    /** Less than this share off the doubt is not worth a walk. */
    private const WORTH = 0.03;

    private const MOST = 5;

    /** So many of the most promising readings are tried out on the drawn rooms. */
    private const TRIED = 6;

    /** @var list<Candidate> */
    private readonly array $candidates;

    /** @var array<string, Observation> that are on the list and still to be taken, by reading */
    private readonly array $listed;

    /** @var array<string, Samples> by target */
    private array $drawn = [];

    /** @param  list<array{reading: Reading, observation: Observation}>  $candidates */
    public function __construct(array $candidates, private readonly Adjustment $adjustment, private readonly Trust $trust)
    {
        $mean = $adjustment->learned->mean();
        $listed = array_filter($candidates, fn (array $c): bool => $c['reading']->id !== '');
        $this->listed = array_combine(array_map(fn (array $c): string => $c['reading']->id, $listed), array_column($listed, 'observation'));
        $this->candidates = array_map(fn (array $c): array => [
            'reading' => $c['reading'], 'slopes' => $c['observation']->predict($mean)[1], 'sigma' => $c['observation']->sigma,
        ], $candidates);
    }

    /** @return array<string, Expected> what readings of the list will say, by reading */
    public function expected(): array
    {
        $found = [];
        foreach ($this->listed as $id => $observation) {
            $found[$id] = Expected::of($this->trust->again([$id])[0], $observation, $this->adjustment->learned);
        }

        return $found;
    }

    public function weighed(Target $target): Weighed
    {
        $mean = $this->adjustment->learned->mean();
        $stated = $target->value($mean);
        $values = array_map($target->value(...), (new Samples($this->adjustment->learned, $this->varying($target), count($target->unknowns)))->states);

        return $this->trust->weighed($target, $mean, self::doubt($values, $stated));
    }

    /**
     * The readings that would help most: of each thing that is not known well enough the best, then the next best of each. Best is once more what is
     * likely a slip, then whether a side has a step, then an edge over a face nobody has read all over, then a width where it stood proud, then what
     * takes most off the doubt, then once more what nothing else checks.
     *
     * @param  list<Target>  $open  what is not known well enough
     * @return list<Advice>
     */
    public function of(array $open): array
    {
        $queues = array_map(function (Target $target): array {
            $weighed = $this->weighed($target);

            return [...$this->again($weighed, $weighed->suspect), ...$this->unread($weighed), ...$this->offers($target, $weighed),
                ...$this->again($weighed, $weighed->hiding)];
        }, $open);
        $advised = [];
        for ($n = 0; $n < self::MOST; $n++) {
            foreach (array_column($queues, $n) as $advice) {
                $advised[(string) json_encode(ReadingWriter::shape($advice->reading))] ??= $advice;
            }
        }

        return array_slice(array_values($advised), 0, self::MOST);
    }

    /**
     * @param  list<string>  $ids
     * @return list<Advice> readings to be taken once more
     */
    private function again(Weighed $of, array $ids): array
    {
        return array_map(fn (Reading $r): Advice => new Advice($r, $of->name, $of->doubt, $of->doubt), $this->trust->again($ids));
    }

    /** @return list<Advice> what nobody has read of a face, where somebody could */
    private function unread(Weighed $of): array
    {
        $asked = array_map(fn (Unread $u): Reading => $this->trust->listed($u->ask()), $of->unread);

        return array_map(fn (Reading $r): Advice => new Advice($r, $of->name, $of->doubt, $of->doubt),
            array_values(array_filter($asked, fn (Reading $r): bool => $r->unreached() === null)));
    }

    /** @return list<Advice> those that take most off the doubt first */
    private function offers(Target $target, Weighed $weighed): array
    {
        if ($weighed->doubt <= $weighed->enough) {
            return [];
        }
        $samples = $this->samples($target);
        $values = array_map($target->value(...), $samples->states);
        $doubt = self::doubt($values, $weighed->stated);
        $offers = [];
        foreach (self::promising($this->bearing($target), $values, $samples) as $candidate) {
            $rooms = $samples->after($candidate['slopes'], $candidate['sigma'], $target->unknowns);
            $then = self::doubt(array_map($target->value(...), $rooms), $weighed->stated);
            if ($then < (1.0 - self::WORTH) * $doubt) {
                $offers[] = new Advice($candidate['reading'], $target->name, $doubt, $then);
            }
        }
        usort($offers, fn (Advice $a, Advice $b): int => $a->then <=> $b->then);

        return $offers;
    }

    private function samples(Target $target): Samples
    {
        return $this->drawn[$target->name] ??= new Samples($this->adjustment->learned, $this->varying($target));
    }

    /** @return list<int> the target's unknowns, then those of the readings that could speak of it */
    private function varying(Target $target): array
    {
        $all = array_flip($target->unknowns);
        foreach ($this->bearing($target) as $candidate) {
            $all += array_flip(array_keys($candidate['slopes']));
        }

        return array_keys($all);
    }

    /** @return list<Candidate> */
    private function bearing(Target $target): array
    {
        $own = array_flip($target->unknowns);

        return array_values(array_filter($this->candidates, fn (array $c): bool => array_intersect_key($c['slopes'], $own) !== []));
    }

    /**
     * Those that explain most of the target's variance, the best first. A least over two walls falls off to either side of square, so that what a
     * reading's square explains counts too.
     *
     * @param  list<Candidate>  $bearing
     * @param  list<float>  $values
     * @return list<Candidate>
     */
    private static function promising(array $bearing, array $values, Samples $samples): array
    {
        $ranked = [];
        foreach ($bearing as $candidate) {
            [$off, $variance] = $samples->along($candidate['slopes']);
            $noise = $candidate['sigma'] ** 2;
            $squares = array_map(fn (float $x): float => $x ** 2 - $variance, $off);
            $ranked[] = [self::explained($values, $off, $noise) + self::explained($values, $squares, 4 * $noise * $variance + 2 * $noise ** 2), $candidate];
        }
        usort($ranked, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(array_slice($ranked, 0, self::TRIED), 1);
    }

    /**
     * The variance of f that its regression on x + noise explains.
     *
     * @param  list<float>  $f
     * @param  list<float>  $x  of mean 0
     */
    private static function explained(array $f, array $x, float $noise): float
    {
        $mean = self::mean($f);
        $covariance = self::mean(array_map(fn (float $f, float $x): float => ($f - $mean) * $x, $f, $x));

        return $covariance ** 2 / max(1e-12, self::mean(array_map(fn (float $x): float => $x ** 2, $x)) + $noise);
    }

    /** @param  list<float>  $values */
    private static function doubt(array $values, float $stated): float
    {
        return 2.0 * sqrt(self::mean(array_map(fn (float $v): float => ($v - $stated) ** 2, $values)));
    }

    /** @param  list<float>  $values */
    private static function mean(array $values): float
    {
        return array_sum($values) / max(1, count($values));
    }
}
