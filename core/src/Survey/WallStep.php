<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Measure\Length;

/**
 * Where a side wall jumps in or out: the top of a wainscot, the edge of a breast or of a boxed pipe. On either side of it the wall is one surface that
 * runs on, set off by a height nobody knows before it is read; which side stands proud is for the readings to say.
 */
final readonly class WallStep
{
    /** Of the height before it is read, a standard deviation in mm. */
    public const HEIGHT_MM = 60.0;

    /** So close to the edge either part is held to reach. */
    public const BESIDE = 5 * Length::PER_MM;

    private const PER_METRE = 1000 * Length::PER_MM;

    /** @param  bool  $isUpright  so far from the back wall, all the way up; else so far above the floor, all the way out */
    private function __construct(public bool $isUpright, public Length $at)
    {
    }

    /** @return list<self> of a side */
    public static function on(Space $space, Side $side): array
    {
        $steps = [];
        foreach (self::readings($space, $side) as $r) {
            $at = $r->value();
            $steps = $at === null || $at->isZero() ? $steps : [...$steps, new self($r->along === Along::Depth, $at)];
        }

        return $steps;
    }

    /** Somebody looked for such an edge, found or not. */
    public static function isAnswered(Space $space, Side $side, bool $upright): bool
    {
        return array_filter(self::readings($space, $side), fn (Reading $r): bool => $upright === ($r->along === Along::Depth)) !== [];
    }

    /**
     * @param  array{float, float}  $place  from the back and above the floor, metres
     */
    public function isBeyond(array $place): bool
    {
        return $this->at->units < $place[$this->isUpright ? 0 : 1] * self::PER_METRE;
    }

    /** @return list<Reading> taken */
    private static function readings(Space $space, Side $side): array
    {
        return array_values(array_filter($space->taken(ReadingKind::StepEdge), fn (Reading $r): bool => $r->on() === Face::from($side->value)));
    }
}
