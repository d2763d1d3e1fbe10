<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\WaySegment;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What can be carried along the way in: clear widths, and the longest box that turns each corner (fieldbook §8). */
final readonly class WayIn
{
    /** Room for hands at a corner. */
    private const HANDS_MM = 20;

    private const STEPS = 900;

    /** @param  list<WaySegment>  $segments  in walking order */
    public function __construct(public array $segments)
    {
    }

    public function clear(WaySegment $s): Figure
    {
        $width = Figure::of($s->width, Text::of("way.width_{$s->kind->value}"), "way/$s->id");

        return $s->gain === null || $s->gain->isZero() ? $width
            : $width->plus($s->gain, Text::of('way.taken_off', what: $s->off ?? ''))->named(Text::of('way.clear'));
    }

    /**
     * A box of plan L × d carried level round the turn: L ≤ min over α of a/sin α + b/cos α − d/(sin α·cos α), less room for hands.
     * Null where the segment does not turn, or d does not pass at all.
     */
    public function longestRound(WaySegment $s, Length $depth): ?Figure
    {
        if (! $s->kind->turns() || $s->into === null) {
            return null;
        }
        [$a, $b, $d] = [(float) $this->clear($s)->value->millimetres(), (float) $s->into->millimetres(), (float) $depth->millimetres()];
        if ($d >= min($a, $b)) {
            return null;
        }
        $longest = INF;
        for ($i = 1; $i < self::STEPS; $i++) {
            [$sin, $cos] = [sin(M_PI_2 * $i / self::STEPS), cos(M_PI_2 * $i / self::STEPS)];
            $longest = min($longest, $a / $sin + $b / $cos - $d / ($sin * $cos));
        }

        return Figure::of(Clip::down($longest), Text::of('way.turn', a: $this->clear($s)->value, b: $s->into, d: $depth), "way/$s->id", false)
            ->minus(Length::fromMillimetres(self::HANDS_MM), Text::of('way.hands'))->named(Text::of('way.longest'));
    }

    public function narrowest(): ?WaySegment
    {
        return $this->least(fn (WaySegment $s): int => min($this->clear($s)->value->units, $s->into->units ?? PHP_INT_MAX));
    }

    public function lowest(): ?WaySegment
    {
        return $this->least(fn (WaySegment $s): int => $s->height->units);
    }

    /** @param  \Closure(WaySegment): int  $of */
    private function least(\Closure $of): ?WaySegment
    {
        $least = null;
        foreach ($this->segments as $s) {
            $least = $least === null || $of($s) < $of($least) ? $s : $least;
        }

        return $least;
    }
}
