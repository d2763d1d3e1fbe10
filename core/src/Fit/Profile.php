<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** What lies between the straight piece and one surface, along one of its edges. */
final readonly class Profile
{
    public GapAt $tightest;

    public GapAt $widest;

    /**
     * @param  non-empty-list<GapAt>  $gaps  where it was read, and at both ends
     * @param  non-empty-list<GapAt>  $line  those and what lies between them, close enough to draw
     */
    public function __construct(public Axis $along, public array $gaps, public array $line)
    {
        $least = $most = $gaps[0];
        foreach ($gaps as $gap) {
            $least = $gap->gap->isLessThan($least->gap) ? $gap : $least;
            $most = $gap->gap->isGreaterThan($most->gap) ? $gap : $most;
        }
        [$this->tightest, $this->widest] = [$least, $most];
    }

    /**
     * Stations with points between them, evenly and no further apart than so.
     *
     * @param  non-empty-list<GapAt>  $gaps
     * @param  \Closure(Length): GapAt  $between
     * @return non-empty-list<GapAt>
     */
    public static function filled(array $gaps, \Closure $between, int $mm): array
    {
        $line = [$gaps[0]];
        for ($i = 1; $i < count($gaps); $i++) {
            array_push($line, ...array_map($between, array_slice(self::every($gaps[$i - 1]->at, $gaps[$i]->at, $mm), 1, -1)), ...[$gaps[$i]]);
        }

        return $line;
    }

    /** @return non-empty-list<Length> evenly from one to the other, no further apart than so */
    public static function every(Length $from, Length $to, int $mm): array
    {
        $span = $to->minus($from);
        $n = max(1, (int) ceil($span->units / ($mm * Length::PER_MM)));
        $at = [$from];
        foreach (array_slice($span->splitInto($n), 0, -1) as $step) {
            $at[] = $at[count($at) - 1]->plus($step);
        }

        return [...$at, $to];
    }

    public function least(): Length
    {
        return $this->tightest->gap;
    }

    public function greatest(): Length
    {
        return $this->widest->gap;
    }

    /** How much the gap varies along the edge. */
    public function spread(): Length
    {
        return $this->greatest()->minus($this->least());
    }

    public function length(): Length
    {
        return $this->gaps[count($this->gaps) - 1]->at->minus($this->gaps[0]->at);
    }

    /**
     * The line over part of the edge.
     *
     * @return non-empty-list<GapAt>
     */
    public function between(Length $from, Length $to): array
    {
        $inside = array_values(array_filter($this->line, fn (GapAt $g): bool => $g->at->isGreaterThan($from) && $g->at->isLessThan($to)));

        return [$this->at($from), ...$inside, $this->at($to)];
    }

    /** Straight between the points of the line, level beyond its ends. */
    public function at(Length $at): GapAt
    {
        $before = $this->line[0];
        foreach ($this->line as $gap) {
            if (! $gap->at->isLessThan($at)) {
                $span = $gap->at->minus($before->at);
                $share = $span->isPositive() ? $at->minus($before->at)->units / $span->units : 1.0;

                return $gap->at->equals($at) ? $gap
                    : new GapAt($at, $before->gap->plus(Length::ofUnits(Rounding::Nearest->apply($share * $gap->gap->minus($before->gap)->units))), false);
            }
            $before = $gap;
        }

        return new GapAt($at, $before->gap, false);
    }

    /** The steepest the gap changes along the edge, as a share of the way. */
    public function steepest(): float
    {
        $steepest = 0.0;
        for ($i = 1; $i < count($this->line); $i++) {
            [$a, $b] = [$this->line[$i - 1], $this->line[$i]];
            $steepest = max($steepest, abs($b->gap->minus($a->gap)->units) / max(1, $b->at->minus($a->at)->units));
        }

        return $steepest;
    }
}
