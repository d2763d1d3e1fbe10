<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** A prior that is a weighted sum of others: of the planes, as crooked as they are, and of what the waves of one reach add to them. */
final readonly class Blend
{
    /** @param  non-empty-list<array{Nodes, float}>  $parts  of the same unknowns */
    public function __construct(private array $parts)
    {
    }

    /** @return list<float> */
    public function mean(): array
    {
        return $this->parts[0][0]->mean();
    }

    /** mm² */
    public function covariance(int $i, int $j): float
    {
        $sum = 0.0;
        foreach ($this->parts as [$nodes, $weight]) {
            $sum += $weight * $nodes->known($i, $j);
        }

        return $sum;
    }
}
