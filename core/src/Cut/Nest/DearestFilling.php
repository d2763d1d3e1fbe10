<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** The dearest filling of a length with parts that are worth what their duals say, by branch and bound. */
final class DearestFilling
{
    /** Nodes looked at for one pattern; beyond, its worth is bounded from above by the relaxation. */
    private const MOST_NODES = 20_000;

    private int $nodes = 0;

    private float $worth = 0.0;

    /** @var array<int, int> */
    private array $pattern = [];

    /**
     * @param  list<int>  $order  of the sizes by worth for length, falling
     * @param  non-empty-list<int>  $sizes
     * @param  non-empty-list<int>  $demand  how many of each at most
     * @param  array<int, float>  $duals  worth of one of each
     */
    public function __construct(private readonly array $order, private readonly array $sizes, private readonly array $demand, private readonly array $duals)
    {
    }

    /** @return array{float, array<int, int>} what it is worth, at most where the search was cut short, and how many of each */
    public function of(int $length): array
    {
        [$this->nodes, $this->worth, $this->pattern] = [0, 0.0, []];
        $this->fill(0, $length, 0.0, []);
        $first = $this->order[0] ?? null;

        return [$this->nodes >= self::MOST_NODES && $first !== null ? $length * $this->duals[$first] / $this->sizes[$first] : $this->worth, $this->pattern];
    }

    /** @param  array<int, int>  $taken */
    private function fill(int $at, int $room, float $worth, array $taken): void
    {
        if ($worth > $this->worth + 1e-12) {
            [$this->worth, $this->pattern] = [$worth, $taken];
        }
        if ($at === count($this->order) || $this->nodes++ >= self::MOST_NODES) {
            return;
        }
        $i = $this->order[$at];
        if ($worth + $room * $this->duals[$i] / $this->sizes[$i] <= $this->worth + 1e-12) {
            return;
        }
        for ($n = min($this->demand[$i], intdiv($room, $this->sizes[$i])); $n >= 0; $n--) {
            $this->fill($at + 1, $room - $n * $this->sizes[$i], $worth + $n * $this->duals[$i], $n > 0 ? $taken + [$i => $n] : $taken);
        }
    }
}
