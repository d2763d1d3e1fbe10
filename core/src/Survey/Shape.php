<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** The surfaces as the readings leave them, anywhere: through what was read, and smooth between. */
final class Shape
{
    private const PER_METRE = 40_000_000;

    /** @var array<string, list<array{array{float, float}, float}>> places (metres) and their pull, by surface and which one */
    private array $pulls = [];

    /** @param  list<float>  $weights  by observation */
    public function __construct(private readonly Nodes $nodes, Links $links, array $weights)
    {
        $byNode = [];
        foreach ($links->slopes as $o => $slopes) {
            foreach ($slopes as $i => $c) {
                $byNode[$i] = ($byNode[$i] ?? 0.0) + $c * $weights[$o];
            }
        }
        foreach ($byNode as $i => $pull) {
            [$surface, $place, $of] = $nodes->place($i);
            $this->pulls["{$surface->value} $of"][] = [$place, $pull];
        }
    }

    /**
     * @param  float|int  $a  units of 25 nm, as for the surface
     * @param  float|int  $b  units of 25 nm
     * @return float mm
     */
    public function at(Surface $surface, float|int $a, float|int $b, string $of = ''): float
    {
        $place = [$a / self::PER_METRE, $b / self::PER_METRE];
        $value = $this->nodes->meanAt($surface, $place, $of);
        foreach ($this->pulls["{$surface->value} $of"] ?? [] as [$there, $pull]) {
            $value += $pull * $this->nodes->between($surface, $of, $place, $there);
        }

        return $value;
    }

    /** Some reading speaks of this surface. */
    public function knows(Surface $surface, string $of = ''): bool
    {
        return isset($this->pulls["{$surface->value} $of"]);
    }
}
