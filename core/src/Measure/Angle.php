<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** An angle in degrees; angles come from measured ratios, so they are never claimed exact. */
final readonly class Angle implements \JsonSerializable
{
    private function __construct(public float $degrees)
    {
    }

    public static function ofDegrees(float $degrees): self
    {
        return new self($degrees);
    }

    /** θ = atan(rise / run), from level. */
    public static function ofSlope(Length $rise, Length $run): self
    {
        return new self(rad2deg(atan2($rise->units, $run->units)));
    }

    public function tangent(): float
    {
        return tan(deg2rad($this->degrees));
    }

    public function complement(): self
    {
        return new self(90.0 - $this->degrees);
    }

    public function jsonSerialize(): float
    {
        return round($this->degrees, 6);
    }
}
