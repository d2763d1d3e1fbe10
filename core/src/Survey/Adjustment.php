<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** The room as it fits the readings best. */
final readonly class Adjustment
{
    /** A thousandth of the grid's least step would do; this is what arithmetic in floats leaves of it. */
    private const AGREE_MM = 1e-5;

    private const SETTLED_MM2 = 100.0;

    /**
     * @param  array<int, float>  $state  mm
     * @param  list<Residual>  $residuals  one a take
     */
    public function __construct(
        public array $state,
        public array $residuals,
        public Learned $learned,
        public Learned $usual,
        private Posterior $fromReadings,
        public Shape $shape,
    ) {
    }

    /**
     * The readings alone say where this is: without them, taking far more for granted, nobody would know.
     *
     * @param  array<int, float>  $combination
     */
    public function settles(array $combination): bool
    {
        return $this->fromReadings->variance($combination) < self::SETTLED_MM2;
    }

    /** Every take says the same as the room. */
    public function agrees(): bool
    {
        foreach ($this->residuals as $residual) {
            if (abs($residual->mm) > self::AGREE_MM) {
                return false;
            }
        }

        return true;
    }
}
