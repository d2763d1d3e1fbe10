<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Document\Model\MadeOf;
use Incastro\Core\Document\Model\WallBuild;
use Incastro\Core\Measure\Length;

/**
 * What one screw to the wall may carry, N: down along the wall, out of it; null where it cannot be known. Screws of 4.8 in
 * spruce-pine-fir with 38 mm of bite, by all that lies between board and stud; plugs of 6 × 50 in sound brick; anchors as their maker
 * states, half the working load and a quarter of the ultimate one (own figures on the safe side).
 */
final readonly class Capacity
{
    /** N, where no more than so many mm lie between. */
    private const DOWN_N = [[0.0, 320.0], [13.0, 180.0], [16.0, 150.0], [25.0, 120.0], [32.0, 100.0]];

    private const OUT_N = 400.0;

    /** Its head in softwood plywood without a washer. */
    private const OUT_OF_SOFT_N = 300.0;

    private const PLUG_DOWN_N = 250.0;

    private const PLUG_OUT_N = 150.0;

    private const GRAVITY = 9.81;

    private function __construct(public ?float $down, public ?float $out)
    {
    }

    public static function unknown(): self
    {
        return new self(null, null);
    }

    /** @param  Length|null  $between  board and stud: air, packer, back and lining; null where the lining was not stated */
    public static function inStud(?Length $between, MadeOf $board): self
    {
        foreach (self::DOWN_N as [$most, $newtons]) {
            if ($between !== null && $between->units <= $most * Length::PER_MM) {
                return new self($newtons, $board === MadeOf::SoftwoodPly ? self::OUT_OF_SOFT_N : self::OUT_N);
            }
        }

        return self::unknown();
    }

    public static function inBrick(): self
    {
        return new self(self::PLUG_DOWN_N, self::PLUG_OUT_N);
    }

    public static function ofAnchor(WallBuild $build): self
    {
        $newtons = $build->anchorKg === null ? null : $build->anchorKg * self::GRAVITY / ($build->anchorUltimate ? 4 : 2);

        return new self($newtons, $newtons);
    }
}
