<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

/**
 * A pose of a box in section: its rear lower edge is `y` out of the wall, it leans `deg` (its top toward the room where positive,
 * lying on its front at 90), and its lowest edge is `lift` off the floor. mm.
 */
final readonly class Tilt
{
    public function __construct(public float $y, public float $deg, public float $lift)
    {
    }

    /**
     * @param  non-empty-list<array{float, float}>  $shape  of the box: out from its rear, up from its foot, convex
     * @return non-empty-list<array{float, float}> where its corners are
     */
    public function corners(array $shape): array
    {
        $t = deg2rad($this->deg);
        [$sin, $cos] = [sin($t), cos($t)];
        $low = INF;
        $turned = [];
        foreach ($shape as [$d, $h]) {
            $z = $h * $cos - $d * $sin;
            $low = min($low, $z);
            $turned[] = [$this->y + $d * $cos + $h * $sin, $z];
        }

        return array_map(fn (array $p): array => [$p[0], $p[1] - $low + $this->lift], $turned);
    }

    public function toward(self $other, float $share): self
    {
        $mix = fn (float $a, float $b): float => $a + ($b - $a) * $share;

        return new self($mix($this->y, $other->y), $mix($this->deg, $other->deg), $mix($this->lift, $other->lift));
    }
}
