<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Rise;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;

/** What readings of the sides, the back, the mouth and the breast say of the unknowns. */
final readonly class SideEquations
{
    public function __construct(private Nodes $nodes)
    {
    }

    /**
     * What stands between a side wall and something further in.
     *
     * @param  array<int, float>  $there
     * @param  array<int, float>  $wall
     * @return array<int, float>
     */
    public static function inward(Side $side, array $there, array $wall): array
    {
        return $side === Side::Left ? Sum::less($there, $wall) : Sum::less($wall, $there);
    }

    /** @return array<int, float> how far a side wall comes in from the back to `y` (its plan angle) */
    public function closing(Reading $r, int $y): array
    {
        $side = $r->side ?? Side::Left;
        $z = $this->height($r)->units;
        $wall = fn (int $at): array => $this->nodes->at(Surface::side($side), $at, $z);

        return $side === Side::Left ? Sum::less($wall($y), $wall(0)) : Sum::less($wall(0), $wall($y));
    }

    /** @return array<int, float> from the back corner named to the front corner opposite, along the run */
    public function floorDiagonal(Reading $r): array
    {
        $n = $this->nodes;
        $z = $this->height($r)->units;
        [$near, $far] = [$r->side ?? Side::Left, ($r->side ?? Side::Left)->other()];
        $across = Sum::less($n->at(Surface::side($far), $n->sizes->depth->units, $z), $n->at(Surface::side($near), 0, $z));

        return $near === Side::Left ? $across : Sum::times($across, -1.0);
    }

    /** @return array<int, float> the same, along the depth */
    public function floorDepth(Reading $r): array
    {
        $n = $this->nodes;
        $x = fn (Side $side): int => $side === Side::Left ? 0 : $n->sizes->width->units;
        $near = $r->side ?? Side::Left;

        return Sum::less($n->at(Surface::Front, $x($near->other()), 0), $n->at(Surface::Back, $x($near), $this->height($r)->units));
    }

    /** @return array<int, float> corner to corner of the opening, along the run */
    public function acrossOpening(Reading $r): array
    {
        $n = $this->nodes;
        $front = $n->sizes->depth->units;
        $low = $r->rise === Rise::Right ? Side::Left : Side::Right;

        return Sum::less(
            $n->at(Surface::side($low->other()), $front, $n->sizes->height->units),
            $n->at(Surface::side($low), $front, 0),
        );
    }

    /** @return array<int, float> */
    public function lean(Reading $r): array
    {
        $n = $this->nodes;
        $at = fn (Length $z): array => match ($r->on()) {
            Face::Left => $n->at(Surface::Left, $n->sizes->y($r)->units, $z->units),
            Face::Right => Sum::times($n->at(Surface::Right, $n->sizes->y($r)->units, $z->units), -1.0),
            default => $n->at(Surface::Back, $this->alongBack($r)->units, $z->units),
        };

        return Sum::less($at($r->z), $at($r->fromZ));
    }

    /** @return array<int, float> */
    public function breastDepth(Side $side, int $z): array
    {
        $x = (int) round($this->nodes->sizes->width->units * ($side === Side::Left ? 0.3 : 0.7));

        return Sum::less($this->nodes->at(Surface::BreastFront, $x, $z), $this->nodes->at(Surface::Back, $x, $z));
    }

    /**
     * A straightedge lies in the space and shows a gap to the wall: edge − wall on the left and at the back, wall − edge on the right.
     *
     * @return array<int, float>
     */
    public function gap(Reading $r): array
    {
        $n = $this->nodes;
        $face = $r->on();
        [$y, $z, $x] = [$n->sizes->y($r)->units, $r->z->units, $this->alongBack($r)->units];
        $t = match (true) {
            $r->along === null => $z,
            $face === Face::Back => $x,
            default => $y,
        };
        $edge = $n->edge(Straightedge::of($r, $r->along === null ? null : $z), $t);

        return match ($face) {
            Face::Left => Sum::less($edge, $n->at(Surface::Left, $y, $z)),
            Face::Right => Sum::less($n->at(Surface::Right, $y, $z), $edge),
            default => Sum::less($edge, $n->at(Surface::Back, $x, $z)),
        };
    }

    private function alongBack(Reading $r): Length
    {
        $middle = Length::ofUnits(intdiv($this->nodes->sizes->width->units, 2));

        return $r->x ?? ($r->side === null ? $middle : $this->nodes->sizes->x($r));
    }

    /** Where a reading does not say its height, at the lowest station, where the frame is. */
    public function height(Reading $r): Length
    {
        return $r->z->isZero() && $r->kind !== ReadingKind::Width ? $this->nodes->sizes->lowest() : $r->z;
    }
}
