<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Measure\Text;

/**
 * What hangs on a board that is screwed to the wall, N: down along the wall, and out of it at the board; what comes to that for a short time,
 * one case at a time; and what one place of the board must bear between its two nearest studs.
 */
final readonly class WallLoad
{
    /** A screw may carry a third more for a short time (our own figure). */
    private const SHORT = 4 / 3;

    /** Where it is not in studs, screws so far to either side share what stands at one place (our own figure): mm. */
    private const NEAR_MM = 400.0;

    /**
     * @param  list<array{float, float}>  $short  down and out, on top of what hangs there always
     * @param  float  $place  N down at any one place
     */
    public function __construct(public Text $what, public float $kg, public float $down, public float $out = 0.0, public array $short = [],
        private float $place = 0.0)
    {
    }

    /**
     * How many screws that takes: the shares of both add up to no more than 1 at each.
     *
     * @param  float  $length  of the board, mm
     * @param  int  $studs  behind it; 0 where screws hold elsewhere
     */
    public function wants(Capacity $each, float $length, int $studs = 0): int
    {
        if ($each->down === null || $each->out === null) {
            return 0;
        }
        $shares = [$this->down / $each->down + $this->out / $each->out];
        foreach ($this->short as [$down, $out]) {
            $shares[] = (($this->down + $down) / $each->down + ($this->out + $out) / $each->out) / self::SHORT;
        }
        $two = $this->place / $each->down / self::SHORT;
        $nearest = $studs === 0 ? $two * max(1.0, $length / self::NEAR_MM / 2) : (float) $studs * ceil(round($two / 2, 6));

        return max(1, (int) ceil(round(max(...$shares, ...[$nearest]), 6)));
    }
}
