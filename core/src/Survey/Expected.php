<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Reading;

/**
 * What a reading will say, going by all others: in mm, or degrees for an angle. Who reads something else has met a bulge,
 * held the tape elsewhere, or keyed it wrong: it is asked at the hand, before anything hangs on it.
 */
final readonly class Expected implements \JsonSerializable
{
    /** So many standard deviations are more than the room allows. */
    private const BEYOND = 4.0;

    /** What is less is no slip. */
    private const LEAST_MM = 9.0;

    private const LEAST_DEGREES = 1.0;

    private function __construct(public float $value, public float $deviation, private float $least)
    {
    }

    public static function of(Reading $reading, Observation $observation, Learned $learned): self
    {
        [$value, $slopes] = $observation->predict($learned->mean());
        $variance = $learned->variance($slopes) + $observation->sigma ** 2 + $observation->tape ** 2;

        return new self($value, sqrt($variance), self::least($reading));
    }

    /** What the others say of one that was taken once, for a number that is to stand in its place; null where they say nothing of it. */
    public static function instead(Reading $reading, Residual $residual): ?self
    {
        $isChecked = count($reading->takes) === 1 && ! $reading->kind->findsPlace() && $residual->standardised !== 0.0;

        return $isChecked ? new self($residual->value - $residual->off, $residual->deviation(), self::least($reading)) : null;
    }

    private static function least(Reading $reading): float
    {
        return $reading->kind->isAngle() ? self::LEAST_DEGREES : self::LEAST_MM;
    }

    /** @return array{value: float, deviation: float, within: float} */
    public function jsonSerialize(): array
    {
        return ['value' => round($this->value, 2), 'deviation' => round($this->deviation, 2),
            'within' => round(max($this->least, self::BEYOND * $this->deviation), 2)];
    }
}
