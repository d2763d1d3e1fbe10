<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** The prior of a house whose walls wander so much: that of its planes, and a part of what a wander of 1 mm adds. All characters of one reach share both. */
final readonly class Blend
{
    public function __construct(private Nodes $planes, private Nodes $waves, private float $part)
    {
    }

    /** @return list<float> */
    public function mean(): array
    {
        return $this->planes->mean();
    }

    /** mm² */
    public function covariance(int $i, int $j): float
    {
        $plane = $this->planes->known($i, $j);

        return $plane + $this->part * ($this->waves->known($i, $j) - $plane);
    }
}
