<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Something the piece must know of the room: the least of one side less the greatest of the other, and how well it must be known. */
final readonly class Target
{
    /** @var list<int> all that bear on it, places between stations included */
    public array $unknowns;

    /**
     * @param  list<array<int, float>>  $far  sums over the unknowns; an empty one is what the frame fixes at nothing
     * @param  list<array<int, float>>  $near
     * @param  float  $enough  doubt (±, 95 %) that is good enough
     */
    public function __construct(public string $name, private array $far, private array $near, public float $enough)
    {
        $this->unknowns = array_values(array_unique(array_merge(...array_map(array_keys(...), [...$far, ...$near]), ...[[]])));
    }

    /** @param  array<int, float>  $state  mm */
    public function value(array $state): float
    {
        return Sum::value(self::least($this->far, $state, 1), $state) - Sum::value(self::least($this->near, $state, -1), $state);
    }

    /**
     * The sum that it is in such a room: what a small change of an unknown would change it by.
     *
     * @param  array<int, float>  $state  mm
     * @return array<int, float>
     */
    public function active(array $state): array
    {
        return Sum::less(self::least($this->far, $state, 1), self::least($this->near, $state, -1));
    }

    /**
     * @param  list<array<int, float>>  $sums
     * @param  array<int, float>  $state
     * @return array<int, float>
     */
    private static function least(array $sums, array $state, int $sign): array
    {
        $least = [];
        $best = INF;
        foreach ($sums as $sum) {
            $value = $sign * Sum::value($sum, $state);
            if ($value < $best) {
                [$least, $best] = [$sum, $value];
            }
        }

        return $least;
    }
}
