<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Envelope\Bounds;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;

/** Takes the gap profiles of a piece from the rebuilt room. Gaps between readings are rounded down: the wall into the space. */
final readonly class Profiler
{
    /** How close the points of a line lie. */
    private const STEP_MM = 100;

    /** Further off than this another piece is no neighbour. */
    private const BESIDE_MM = 150;

    /** How far apart stations lie where no reading says where. */
    private const STATION_MM = 300;

    /** @param  list<Neighbour>  $neighbours  of other pieces in its space */
    public function __construct(private Spot $spot, private Bounds $bounds, private array $neighbours = [])
    {
    }

    /** A side over the carcass's height, at its front. */
    public function side(Side $side): Profile
    {
        return $this->sideOver($side, $this->spot->box->bottom, $this->spot->box->top());
    }

    /** The same over other heights. */
    public function sideOver(Side $side, Length $bottom, Length $top): Profile
    {
        $edge = $this->spot->box->edge($side);
        $gap = function (Length $z) use ($side, $edge): GapAt {
            $wall = $this->bounds->at($side, $z, Plane::Front);
            $gap = $side === Side::Left ? $edge->minus($wall->x) : $wall->x->minus($edge);
            $beside = $this->beside($side, $edge, $z);

            return $beside !== null && $beside->isLessThan($gap) ? new GapAt($z, $beside, true) : new GapAt($z, $gap, $wall->exact);
        };

        $stations = $this->spot->room->stations();
        $gaps = array_map($gap, self::between($bottom, $top, $stations));

        return new Profile(Axis::Z, $gaps, $this->drawn($gaps, $stations));
    }

    /** Another piece stands at that side of this one. */
    public function hasNeighbour(Side $side): bool
    {
        $edge = $this->spot->box->edge($side);
        foreach ($this->neighbours as $neighbour) {
            $gap = $this->apart($neighbour, $side, $edge);
            if ($gap?->isLessThan(Length::fromMillimetres(self::BESIDE_MM)) === true && $neighbour->stands($this->spot->box->bottom, $this->spot->box->top())) {
                return true;
            }
        }

        return false;
    }

    /** How far the nearest box of another piece stands off at a height; null where there is none. */
    private function beside(Side $side, Length $edge, Length $z): ?Length
    {
        $least = null;
        foreach ($this->neighbours as $neighbour) {
            $gap = $neighbour->stands($z, $z) ? $this->apart($neighbour, $side, $edge) : null;
            $least = $gap !== null && ($least === null || $gap->isLessThan($least)) ? $gap : $least;
        }

        return $least;
    }

    /** Null where it is not on that side. */
    private function apart(Neighbour $neighbour, Side $side, Length $edge): ?Length
    {
        $b = $neighbour->block;
        $gap = $side === Side::Left ? $edge->minus($b->corner->x)->minus($b->size->x) : $b->corner->x->minus($edge);

        return $gap->isNegative() ? null : $gap;
    }

    /** The end of a slab that runs to a side wall, over its depth, at the height of the face nearer to the wall. */
    public function end(Panel $slab, Side $side): Profile
    {
        $b = $slab->block;
        [$z, $edge] = [$b->corner->z, $side === Side::Left ? $b->from(Axis::X) : $b->to(Axis::X)];
        $gap = function (Length $y) use ($side, $edge, $z): GapAt {
            $mm = $this->bounds->isWall($side)
                ? $this->spot->room->shape->at(Surface::side($side), $y->units, $z->units)
                : (float) $this->bounds->at($side, $z, Plane::Front)->x->millimetres();
            $wall = Clip::wall($mm * Length::PER_MM, $side);

            return new GapAt($y, $side === Side::Left ? $edge->minus($wall) : $wall->minus($edge), false);
        };

        return $this->profile(Axis::Y, $b->from(Axis::Y), $b->to(Axis::Y), $gap);
    }

    /** Behind the piece at one height; null where nobody has read the back wall. */
    public function behind(Length $z, Length $from, Length $to): ?Profile
    {
        if (! $this->bounds->knowsBack()) {
            return null;
        }

        return $this->profile(Axis::X, $from, $to, fn (Length $x): GapAt => new GapAt($x,
            $this->spot->box->rear->minus(Clip::up($this->spot->room->shape->at(Surface::Back, $x->units, $z->units))), false));
    }

    /** Behind an upright board, over its height; null where nobody has read the back wall. */
    public function behindUpright(Length $x, Length $bottom, Length $top): ?Profile
    {
        if (! $this->bounds->knowsBack()) {
            return null;
        }

        return $this->profile(Axis::Z, $bottom, $top, fn (Length $z): GapAt => new GapAt($z,
            $this->spot->box->rear->minus(Clip::up($this->spot->room->shape->at(Surface::Back, $x->units, $z->units))), false));
    }

    /** Above the piece, at its front; null where nobody has read a height. */
    public function above(Length $y): ?Profile
    {
        if (! $this->spot->room->overhead->isKnown()) {
            return null;
        }
        $top = fn (Length $x): Length => $this->spot->box->limit === null ? $this->spot->box->top()
            : Length::least($this->spot->box->top(), $this->spot->box->limit->at($this->spot->box->limit->along === Axis::X ? $x : $y));

        return $this->profile(Axis::X, $this->spot->box->left, $this->spot->box->right(), fn (Length $x): GapAt => new GapAt($x,
            Clip::down($this->spot->room->overhead->at($x->units, $y->units))->minus($top($x)), false));
    }

    /** Under the level base, so far out of the back wall; null where nobody has read the floor. */
    public function below(Length $y): ?Profile
    {
        if (! $this->spot->room->shape->knows(Surface::Floor) || $this->spot->piece->up()->isPositive()) {
            return null;
        }

        return $this->profile(Axis::X, $this->spot->box->left, $this->spot->box->right(), fn (Length $x): GapAt => new GapAt($x,
            $this->spot->box->floor->minus(Clip::up($this->spot->room->shape->at(Surface::Floor, $x->units, $y->units))), false));
    }

    /** @param  \Closure(Length): GapAt  $gap  known everywhere */
    private function profile(Axis $along, Length $from, Length $to, \Closure $gap): Profile
    {
        $gaps = array_map($gap, self::between($from, $to, Profile::every($from, $to, self::STATION_MM)));

        return new Profile($along, $gaps, Profile::filled($gaps, $gap, self::STEP_MM));
    }

    /**
     * @param  list<Length>  $stations
     * @return non-empty-list<Length> both ends, and what lies between them
     */
    private static function between(Length $from, Length $to, array $stations): array
    {
        return [$from, ...array_values(array_filter($stations, fn (Length $at): bool => $at->isGreaterThan($from) && $at->isLessThan($to))), $to];
    }

    /**
     * The line through what was read. An end that was not read and lies close to a station tells nothing of the wall's bend: the line
     * runs on to it as it came.
     *
     * @param  non-empty-list<GapAt>  $gaps
     * @param  list<Length>  $stations
     * @return non-empty-list<GapAt>
     */
    private function drawn(array $gaps, array $stations): array
    {
        $last = count($gaps) - 1;
        $isRead = fn (GapAt $g): bool => array_filter($stations, fn (Length $z): bool => $z->equals($g->at)) !== [];
        $close = Length::fromMillimetres(self::STATION_MM)->half();
        $knots = array_values(array_filter($gaps, fn (GapAt $g, int $i): bool => ($i > 0 && $i < $last) || $isRead($g)
            || ! $gaps[$i === 0 ? min(1, $last) : $last - 1]->at->minus($g->at)->absolute()->isLessThan($close), ARRAY_FILTER_USE_BOTH));

        return Profile::filled($gaps, Curve::through(count($knots) > 1 ? $knots : $gaps), self::STEP_MM);
    }
}
