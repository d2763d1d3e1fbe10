<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\Held;
use Incastro\Core\Document\Model\Offsets;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Makes the true cut line of an edge: from the survey, or from offsets taken by hand (fieldbook §2; worked example E1). */
final readonly class Scriber
{
    /** What a blank projects past the greatest gap, so that there is something to cut everywhere. */
    public const SPARE_MM = 3;

    /** A hand's line is drawn as close as this. */
    private const STEP_MM = 25;

    private const LEAST_BEVEL_DEG = 2.0;

    /** @param  Length  $byHand  limit of a gap read by hand, ± */
    public function __construct(private Length $byHand)
    {
    }

    /** @param  float  $opensDeg  how far the wall comes in behind the face, from square */
    public function of(Profile $surveyed, ?Offsets $by, float $opensDeg = 0.0): Scribe
    {
        $planned = self::blank($surveyed);
        if ($by === null || ! $by->isEnough()) {
            return $this->scribe($planned, $surveyed, null, $opensDeg);
        }
        $travel = $by->off ?? self::greatest($by);
        $base = $by->held === Held::Straightedge ? $by->off ?? Length::zero() : $planned->value->minus($travel);
        $line = self::byHand($surveyed, $by, $base);

        return $this->scribe($by->held === Held::Straightedge ? self::blank($line) : $planned, $line, $by->held, $opensDeg);
    }

    /** The blank ends where the greatest gap ends, and 3 mm more. */
    private static function blank(Profile $profile): Figure
    {
        return Figure::of($profile->greatest(), Text::of("fit.greatest_gap_{$profile->along->value}", at: $profile->widest->at), null, $profile->widest->exact)
            ->plus(Length::fromMillimetres(self::SPARE_MM), Text::of('fit.scribe_spare'))
            ->named(Text::of('fit.blank_projects'));
    }

    private function scribe(Figure $projects, Profile $line, ?Held $held, float $opensDeg): Scribe
    {
        return Scribe::of($projects, $line, round(self::LEAST_BEVEL_DEG + max(0.0, $opensDeg), 1), $held)->within($held !== null ? $this->byHand : null);
    }

    private static function greatest(Offsets $by): Length
    {
        return Length::greatest(Length::zero(), ...array_map(fn (array $g): Length => $g['gap'], $by->gaps));
    }

    /** The line through the gaps taken by hand, over the whole edge: beyond the first and the last it goes on as it came. */
    private static function byHand(Profile $surveyed, Offsets $by, Length $base): Profile
    {
        $gaps = array_map(fn (array $g): GapAt => new GapAt($g['at'], $g['gap']->plus($base), true), $by->gaps ?: throw new \LogicException('No offsets.'));
        $between = Curve::through($gaps);
        [$first, $last] = [$surveyed->gaps[0]->at, $surveyed->gaps[count($surveyed->gaps) - 1]->at];
        $within = array_values(array_filter($gaps, fn (GapAt $g): bool => $g->at->isGreaterThan($first) && $g->at->isLessThan($last)));
        $end = fn (Length $at): GapAt => array_values(array_filter($gaps, fn (GapAt $g): bool => $g->at->equals($at)))[0] ?? $between($at);
        $all = [$end($first), ...$within, $end($last)];

        return new Profile($surveyed->along, $all, Profile::filled($all, $between, self::STEP_MM));
    }
}
