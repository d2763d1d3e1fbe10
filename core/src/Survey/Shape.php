<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** The surfaces as the readings leave them, anywhere: through what was read, and smooth between. */
final class Shape
{
    private const PER_METRE = 40_000_000;

    /** @var array<string, array<int, float>> the pull of each unknown, by surface and which one */
    private array $pulls = [];

    /** @var array<string, float> mm, places asked for before: drawings and fits ask for the same ones again and again */
    private array $known = [];

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
            [$surface, , $of] = $nodes->place($i);
            $this->pulls["{$surface->value} $of"][$i] = $pull;
        }
    }

    /**
     * @param  float|int  $a  units of 25 nm, as for the surface
     * @param  float|int  $b  units of 25 nm
     * @return float mm
     */
    public function at(Surface $surface, float|int $a, float|int $b, string $of = ''): float
    {
        // By whole numbers alone: a fraction spelt as text may lose its last digits.
        return is_int($a) && is_int($b) ? $this->known["{$surface->value} $a $b $of"] ??= $this->worked($surface, $a, $b, $of)
            : $this->worked($surface, $a, $b, $of);
    }

    private function worked(Surface $surface, float|int $a, float|int $b, string $of): float
    {
        $place = [$a / self::PER_METRE, $b / self::PER_METRE];
        $value = $this->nodes->meanAt($surface, $place, $of);
        $pulls = $this->pulls["{$surface->value} $of"] ?? [];
        foreach (array_combine(array_keys($pulls), $this->nodes->covariances($surface, $of, $place, array_keys($pulls))) as $i => $covariance) {
            $value += $pulls[$i] * $covariance;
        }

        return $value;
    }

    /** Some reading speaks of this surface. */
    public function knows(Surface $surface, string $of = ''): bool
    {
        return isset($this->pulls["{$surface->value} $of"]);
    }
}
