<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/**
 * An opening whose sides are equal in pairs but whose diagonals differ: it leans by (d1² − d2²)/(4w) over its height
 * (fieldbook §3). `up` runs from bottom left to top right. Inset leaves either hang square, with side gaps that differ, or
 * are cut to follow.
 */
final readonly class RackedOpening
{
    /** Under this a leaf rubs (fieldbook §6). */
    private const LEAST_GAP_MM = 1.5;

    public function __construct(public Length $width, public Length $height, private Length $up, private Length $down)
    {
    }

    /** + leans to the right at the top. */
    public function lean(): Length
    {
        return Length::ofUnits(Rounding::Nearest->apply(($this->up->units ** 2 - $this->down->units ** 2) / (4 * $this->width->units)));
    }

    public function degrees(): float
    {
        return rad2deg(asin(max(-1.0, min(1.0, $this->lean()->units / $this->height->units))));
    }

    /** How far the jamb leans over a leaf of that height. */
    public function leanOver(Length $leaf): Length
    {
        return Length::ofUnits(Rounding::Up->apply(abs($this->lean()->units) * $leaf->units / $this->height->units));
    }

    /**
     * The gaps beside square leaves hung plumb, with this gap in the mean.
     *
     * @return array{Length, Length} tightest and widest
     */
    public function sideGaps(Length $gap, Length $leaf): array
    {
        $half = $this->leanOver($leaf)->half();

        return [$gap->minus($half), $gap->plus($half)];
    }

    public static function leastGap(): Length
    {
        return Length::fromMillimetres(self::LEAST_GAP_MM);
    }

    /** The mean side gap that keeps the tightest at 1.5. */
    public function meanSideGap(Length $gap, Length $leaf): Length
    {
        return Length::greatest($gap, self::leastGap()->plus($this->leanOver($leaf)->half()));
    }

    /** Width of a square leaf: (w − 2·side gap − (n − 1)·gap)/n. */
    public function squareLeaf(int $leaves, Length $gap, Length $leaf): Figure
    {
        $side = $this->meanSideGap($gap, $leaf);
        $rest = Figure::of($this->width, Text::of('piece.mouth_width'))
            ->minus(Figure::of($side->times(2), Text::of('piece.racked_side_gaps', gap: $side), null, false), Text::of('piece.racked_side_gaps', gap: $side));
        $rest = $leaves === 1 ? $rest : $rest->minus($gap->times($leaves - 1), Text::of('piece.gaps', n: $leaves - 1, gap: $gap));

        return $leaves === 1 ? $rest : $rest->sharedInto($leaves, Text::of('piece.leaves'))[0];
    }

    /**
     * Diagonals of a leaf cut to follow: a parallelogram of that width and height.
     *
     * @return array{Length, Length} up and down
     */
    public function diagonals(Length $width, Length $height): array
    {
        $lean = $this->lean()->units * $height->units / $this->height->units;
        $rise = sqrt($height->units ** 2 - $lean ** 2);
        $of = fn (float $run): Length => Length::ofUnits(Rounding::Nearest->apply(hypot($run, $rise)));

        return [$of($width->units + $lean), $of($width->units - $lean)];
    }

    /** A gap between two painted faces loses twice the film: three coats of 0.04 mm on each (fieldbook §10). */
    public static function painted(Length $gap): Length
    {
        return $gap->minus(Length::fromMillimetres(2 * 3 * 0.04));
    }

    /**
     * Worst case over n leaves and n + 1 gaps: every tolerance one way.
     *
     * @return array{Length, Length} least and greatest gap
     */
    public static function worst(Length $gap, int $leaves, Length $opening, Length $leaf): array
    {
        $off = $opening->plus($leaf->times($leaves))->splitInto($leaves + 1)[0];

        return [$gap->minus($off), $gap->plus($off)];
    }
}
