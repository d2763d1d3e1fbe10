<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * What the readings leave open, for each character that the walls may have, by how well it explains them: log likelihood of the misclosures,
 * −½·dᵀS⁻¹d − ½·log|S|, S = H·K·Hᵀ + R (Rasmussen and Williams, eq. 5.8), and the weight before.
 * S is linear in the variances: it is the planes' part, for each crookedness, and for each reach what a wander of 1 adds to it, times its square.
 */
final class Learned
{
    private const HARDLY = 0.02;

    /** Of the log of its likelihood. */
    private const HOPELESS = 8.0;

    /** @var array<string, array{Nodes, Links}> by character */
    private array $parts = [];

    /** @var non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}>|null */
    private ?array $weighed = null;

    /** @var non-empty-list<array{character: Character, links: Links, prior: Blend, factor: list<list<float>>, log: float}>|null */
    private ?array $found = null;

    /** @var list<float>|null */
    private ?array $mean = null;

    /** @var array<int, Posterior> */
    private array $posteriors = [];

    /**
     * @param  list<Observation>  $observations
     * @param  array<int, float>  $state  about which what is not linear is taken
     * @param  non-empty-list<Character>  $grid
     */
    public function __construct(
        private readonly Nodes $nodes,
        public readonly array $observations,
        private readonly array $state,
        private readonly array $grid,
    ) {
    }

    /** @return non-empty-list<array{character: Character, share: float}> the likeliest first; shares add up to 1 */
    public function characters(): array
    {
        return array_map(fn (array $w): array => ['character' => $w['character'], 'share' => $w['share']], $this->weighed());
    }

    /**
     * The likeliest values of all unknowns over all characters (mm).
     *
     * @return list<float>
     */
    public function mean(): array
    {
        if ($this->mean !== null) {
            return $this->mean;
        }
        $mean = array_fill(0, count($this->state), 0.0);
        foreach ($this->weighed() as $i => $weighed) {
            foreach ($this->posterior($i)->mean() as $n => $x) {
                $mean[$n] += $weighed['share'] * $x;
            }
        }

        return $this->mean = array_values($mean);
    }

    /**
     * Of a sum of unknowns, over all characters (mm²).
     *
     * @param  array<int, float>  $combination
     */
    public function variance(array $combination): float
    {
        $middle = Sum::value($combination, $this->mean());
        $variance = 0.0;
        foreach ($this->weighed() as $i => $weighed) {
            $off = Sum::value($combination, $this->posterior($i)->mean()) - $middle;
            $variance += $weighed['share'] * ($this->posterior($i)->variance($combination) + $off ** 2);
        }

        return $variance;
    }

    /** By the likeliest character. */
    public function likeliest(): Posterior
    {
        return $this->posterior(0);
    }

    /**
     * So many drawn rooms shared out by weight, the largest remainders first.
     *
     * @return list<array{Posterior, int}>
     */
    public function shared(int $rooms): array
    {
        $whole = array_map(fn (array $w): int => (int) floor($w['share'] * $rooms), $this->weighed());
        $rest = array_map(fn (array $w, int $n): float => $w['share'] * $rooms - $n, $this->weighed(), $whole);
        arsort($rest);
        foreach (array_slice(array_keys($rest), 0, $rooms - array_sum($whole)) as $i) {
            $whole[$i]++;
        }

        return array_map(fn (int $i): array => [$this->posterior($i), $whole[$i]], array_keys(array_filter($whole)));
    }

    private function posterior(int $i): Posterior
    {
        $weighed = $this->weighed()[$i];

        return $this->posteriors[$i] ??= new Posterior($weighed['prior'], $weighed['links'], 1.0);
    }

    /** @return non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}> */
    private function weighed(): array
    {
        return $this->weighed ??= $this->weighedAnew();
    }

    /**
     * How likely it is that each observation is a slip: over all characters of the usual reach.
     *
     * @return list<float> 0…1, by observation
     */
    public function slipped(): array
    {
        $alike = array_values(array_filter($this->found(), fn (array $f): bool => $f['character']->isOfUsualReach())) ?: $this->found();

        $mean = $this->nodes->mean();

        return (new SlipOdds($this->observations, $this->nodes))->of(array_map(
            fn (array $f): array => [$f['factor'], Matrix::solve($f['factor'], $f['links']->misclosure($mean)), $f['log']], $alike));
    }

    /**
     * Each of the grid, with the log of its weight before and its likelihood.
     *
     * @return non-empty-list<array{character: Character, links: Links, prior: Blend, factor: list<list<float>>, log: float}>
     */
    private function found(): array
    {
        return $this->found ??= $this->foundAnew();
    }

    /** @return non-empty-list<array{character: Character, links: Links, prior: Blend, factor: list<list<float>>, log: float}> */
    private function foundAnew(): array
    {
        $found = $others = [];
        foreach ($this->grid as $c) {
            $c->isOfUsualReach() ? $found["$c->wander $c->crooked"] = $this->explained($c) : $others[] = $c;
        }
        $best = max([-INF, ...array_column($found, 'log')]);
        // What hardly explains anything over the usual reach is not tried over others: reaches are alike.
        $tried = array_filter($others, fn (Character $c): bool => ($found["$c->wander $c->crooked"]['log'] ?? INF) > $best - self::HOPELESS);

        return array_values([...$found, ...array_map($this->explained(...), array_values($tried))]) ?: throw new \LogicException('A grid has a character.');
    }

    /** @return array{character: Character, links: Links, prior: Blend, factor: list<list<float>>, log: float} */
    private function explained(Character $c): array
    {
        $planes = $this->part(new Character(0.0, 1.0));
        $parts = [[$this->part(new Character(0.0, 1.0, $c->crooked)), 1.0], [$this->part(new Character(1.0, $c->reach)), $c->wander ** 2],
            [$planes, -$c->wander ** 2]];
        $links = Links::summed(array_map(fn (array $p): array => [$p[0][1], $p[1]], $parts));
        $factor = Matrix::factor($links->variance(1.0));

        return [
            'character' => $c,
            'links' => $links,
            'prior' => new Blend(array_map(fn (array $p): array => [$p[0][0], $p[1]], $parts)),
            'factor' => $factor,
            'log' => log($c->weight) + $this->likelihood($links, $factor),
        ];
    }

    /** @return non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}> */
    private function weighedAnew(): array
    {
        $best = max(array_column($this->found(), 'log'));
        $found = array_map(fn (array $f): array => ['character' => $f['character'], 'links' => $f['links'], 'prior' => $f['prior'],
            'share' => exp($f['log'] - $best)], $this->found());
        $sum = array_sum(array_column($found, 'share'));
        $found = array_map(fn (array $f): array => ['share' => $f['share'] / $sum] + $f, $found);
        usort($found, fn (array $a, array $b): int => $b['share'] <=> $a['share']);

        return self::likely($found);
    }

    /**
     * Without those that explain it so badly that hardly a room would be drawn of them. Of the same wander over several reaches one stands for all: three
     * heights do not tell reaches apart, and none decides what is settled.
     *
     * @param  non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}>  $found  the likeliest first
     * @return non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}>
     */
    private static function likely(array $found): array
    {
        $alike = [];
        foreach ($found as $f) {
            $as = "{$f['character']->wander} {$f['character']->crooked}";
            $alike[$as] = ['share' => ($alike[$as]['share'] ?? 0.0) + $f['share']] + ($alike[$as] ?? $f);
        }
        $kept = array_values(array_filter($alike, fn (array $f): bool => $f['share'] >= self::HARDLY)) ?: [$found[0]];
        usort($kept, fn (array $a, array $b): int => $b['share'] <=> $a['share']);
        $sum = array_sum(array_column($kept, 'share'));

        return array_map(fn (array $f): array => ['share' => $f['share'] / $sum] + $f, $kept);
    }

    /** @return array{Nodes, Links} */
    private function part(Character $character): array
    {
        return $this->parts["$character->wander $character->reach $character->crooked"] ??= $this->partAnew($character);
    }

    /** @return array{Nodes, Links} */
    private function partAnew(Character $character): array
    {
        $nodes = $this->nodes->as($character);

        return [$nodes, new Links($nodes, $this->observations, $this->state)];
    }

    /** @param  list<list<float>>  $factor */
    private function likelihood(Links $links, array $factor): float
    {
        $u = Matrix::forward($factor, $links->misclosure($this->nodes->mean()));
        $log = 0.0;
        foreach ($factor as $i => $row) {
            $log -= 0.5 * $u[$i] ** 2 + log($row[$i]);
        }

        return $log;
    }
}
