<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\LowEnd;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Rise;
use Incastro\Core\Document\Model\Side;

/** What readings of floor, ceiling, slope and steps say of the unknowns. */
final readonly class OverheadEquations
{
    public function __construct(private Nodes $nodes)
    {
    }

    /** @return array<int, float> */
    public function gap(Reading $r): array
    {
        $n = $this->nodes;
        [$x, $y] = [$n->sizes->x($r)->units, $n->sizes->y($r)->units];
        $face = $r->on();
        $edge = $n->edge(Straightedge::of($r, null), $r->along === Along::Depth ? $y : $x);

        return match ($face) {
            Face::Floor => Sum::less($edge, $n->at(Surface::Floor, $x, $y)),
            Face::Ceiling => Sum::less($n->at(Surface::Ceiling, $x, $y), $edge),
            default => Sum::less($n->at(Surface::Slope, $x, $y), $edge),
        };
    }

    public function angle(Reading $r, float $value, float $sigma): Bearing
    {
        $n = $this->nodes;
        $sizes = $n->sizes;
        $slope = $sizes->space->slope;
        [$low, $high, $over] = $slope?->along === Along::Run
            ? [$n->at(Surface::Slope, 0, $sizes->y($r)->units), $n->at(Surface::Slope, $sizes->width->units, $sizes->y($r)->units), $sizes->width]
            : [$n->at(Surface::Slope, $sizes->x($r)->units, 0), $n->at(Surface::Slope, $sizes->x($r)->units, $sizes->depth->units), $sizes->depth];
        $turn = $slope?->direction() ?? 1;

        return new Bearing(Sum::times(Sum::less($high, $low), (float) $turn), (float) $over->millimetres(), [0.0, 1.0], $value, $sigma, $r->id);
    }

    /** @return array<int, float> slope less level ceiling where a take says that they meet: nothing */
    public function meeting(Take $take): array
    {
        $n = $this->nodes;
        $at = $take->value->units ?? 0;
        $low = $n->sizes->space->slope?->low;
        [$x, $y] = match ($low) {
            LowEnd::Right => [$n->sizes->width->units - $at, $n->sizes->depth->units],
            LowEnd::Left => [$at, $n->sizes->depth->units],
            default => [0, $at],
        };

        return Sum::less($n->at(Surface::Slope, $x, $y), $n->at(Surface::Ceiling, $x, $y));
    }

    /** @return array<int, float> from the low corner of the opening's diagonal to its high one */
    public function upOpening(Reading $r): array
    {
        $n = $this->nodes;
        $front = $n->sizes->depth->units;
        $low = $r->rise === Rise::Right ? Side::Left : Side::Right;
        $x = fn (Side $side): int => $side === Side::Left ? 0 : $n->sizes->width->units;

        return Sum::less($n->at($this->surface($r), $x($low->other()), $front), $n->at(Surface::Floor, $x($low), $front));
    }

    /** Under a slope everything overhead is the slope, unless the reading says that it went to the level ceiling. */
    public function surface(Reading $r): Surface
    {
        return $this->nodes->sizes->space->slope !== null && $r->face !== Face::Ceiling ? Surface::Slope : Surface::Ceiling;
    }

    /** @return array<int, float> */
    public function knee(int $x, int $y): array
    {
        $n = $this->nodes;
        [$x, $y] = match ($n->sizes->space->slope?->low) {
            LowEnd::Left => [0, $y],
            LowEnd::Right => [$n->sizes->width->units, $y],
            default => [$x, 0],
        };

        return Sum::less($n->at(Surface::Slope, $x, $y), $n->at(Surface::Floor, $x, $y));
    }

    /** @return array<int, float> */
    public function level(Reading $r): array
    {
        $n = $this->nodes;
        $surface = $r->face === Face::Ceiling ? Surface::Ceiling : Surface::Floor;
        [$x, $y] = [$n->sizes->x($r)->units, $n->sizes->y($r)->units];

        return $r->along === Along::Depth
            ? Sum::less($n->at($surface, $x, $n->sizes->depth->units), $n->at($surface, $x, 0))
            : Sum::less($n->at($surface, $n->sizes->width->units, $y), $n->at($surface, 0, $y));
    }

    /** @return array<int, float> */
    public function rise(Reading $r): array
    {
        $n = $this->nodes;
        $slope = $n->sizes->space->slope;
        $run = $r->run->units ?? 0;
        [$x, $y] = [$n->sizes->x($r)->units, $n->sizes->y($r)->units];
        if ($slope?->along !== Along::Run) {
            $from = $r->y->units ?? 0;

            return Sum::less($n->at(Surface::Slope, $x, $from + $run), $n->at(Surface::Slope, $x, $from));
        }
        $from = $r->x->units ?? intdiv($n->sizes->width->units - $run, 2);

        return Sum::times(Sum::less($n->at(Surface::Slope, $from + $run, $y), $n->at(Surface::Slope, $from, $y)), (float) $slope->direction());
    }
}
