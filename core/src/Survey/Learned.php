<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * What the readings leave open, for each character that the walls may have, by how well it explains them: log likelihood of the misclosures,
 * −½·dᵀS⁻¹d − ½·log|S|, S = H·K·Hᵀ + R (Rasmussen and Williams, eq. 5.8), and the weight before.
 * S is linear in the square of the wander: it is made of the planes' part and, for each reach, the part of a wander of 1.
 */
final class Learned
{
    private const HARDLY = 0.004;

    /** @var non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}>|null */
    private ?array $weighed = null;

    /** @var array<int, Posterior> */
    private array $posteriors = [];

    /**
     * @param  list<Observation>  $observations
     * @param  array<int, float>  $state  about which what is not linear is taken
     * @param  non-empty-list<Character>  $grid
     */
    public function __construct(
        private readonly Nodes $nodes,
        private readonly array $observations,
        private readonly array $state,
        private readonly array $grid,
    ) {
    }

    /** @return non-empty-list<array{character: Character, share: float}> the likeliest first; shares add up to 1 */
    public function characters(): array
    {
        return array_map(fn (array $w): array => ['character' => $w['character'], 'share' => $w['share']], $this->weighed());
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

    /** @return non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}> */
    private function weighedAnew(): array
    {
        $planes = $this->part(new Character(0.0, 1.0));
        $waves = $found = [];
        foreach ($this->grid as $c) {
            $waves[(string) $c->reach] ??= $this->part(new Character(1.0, $c->reach));
            [$nodes, $links] = $waves[(string) $c->reach];
            $links = $planes[1]->blended($links, $c->wander ** 2);
            $found[] = [
                'character' => $c,
                'links' => $links,
                'prior' => new Blend($planes[0], $nodes, $c->wander ** 2),
                'share' => log($c->weight) + $this->likelihood($links),
            ];
        }
        $best = max(array_column($found, 'share'));
        $found = array_map(fn (array $f): array => ['share' => exp($f['share'] - $best)] + $f, $found);
        $sum = array_sum(array_column($found, 'share'));
        $found = array_map(fn (array $f): array => ['share' => $f['share'] / $sum] + $f, $found);
        usort($found, fn (array $a, array $b): int => $b['share'] <=> $a['share']);

        return self::likely($found);
    }

    /**
     * Without those that explain it so badly that hardly a room would be drawn of them.
     *
     * @param  non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}>  $found
     * @return non-empty-list<array{character: Character, links: Links, prior: Blend, share: float}>
     */
    private static function likely(array $found): array
    {
        $kept = array_values(array_filter($found, fn (array $f): bool => $f['share'] >= self::HARDLY)) ?: [$found[0]];
        $sum = array_sum(array_column($kept, 'share'));

        return array_map(fn (array $f): array => ['share' => $f['share'] / $sum] + $f, $kept);
    }

    /** @return array{Nodes, Links} */
    private function part(Character $character): array
    {
        $nodes = $this->nodes->as($character);

        return [$nodes, new Links($nodes, $this->observations, $this->state)];
    }

    private function likelihood(Links $links): float
    {
        $factor = Matrix::factor($links->variance(1.0));
        $u = Matrix::forward($factor, $links->misclosure($this->nodes->mean()));
        $log = 0.0;
        foreach ($factor as $i => $row) {
            $log -= 0.5 * $u[$i] ** 2 + log($row[$i]);
        }

        return $log;
    }
}
