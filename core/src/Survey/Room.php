<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;

/**
 * A space rebuilt from its readings, in the frame of docs/frame.md: x = 0 at the left wall's lowest station,
 * z = 0 at the floor there. Heights and depths are null where nobody has measured them.
 */
final readonly class Room
{
    private const STRIPS = 16;

    /** @var list<PlacedThing> what stands in the way, where it stands */
    public array $things;

    /**
     * @param  array<string, array<string, list<WallPoint>>>  $walls  by side, by plane, one a station
     * @param  array<string, Length>  $floor  by side
     * @param  array<string, Length>  $ceiling  what is overhead at the front, by side; empty where unknown
     * @param  array<string, Length>  $depth  by side; empty where unknown
     * @param  array<string, array{mm: float, standardised: float}>  $residuals  by reading, the worst of its takes
     * @param  array<string, float>  $redundancy  by reading, 0…1, the least of its takes: how far others check it
     * @param  array<string, Expected>  $expected  by reading: what all others say it will say
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public Space $space,
        public Sizes $sizes,
        public Shape $shape,
        public Overhead $overhead,
        private array $walls,
        public array $floor,
        public array $ceiling,
        public array $depth,
        public array $residuals,
        public array $redundancy,
        public array $expected,
        public Doubt $doubt,
        public array $findings,
    ) {
        $this->things = Placing::of($this);
    }

    /** Somebody has read a width: before that no side has a place. */
    public function isMeasured(): bool
    {
        return $this->space->taken(ReadingKind::Width) !== [];
    }

    /** @return list<Length> heights at which the sides were read, ascending */
    public function stations(): array
    {
        return $this->sizes->stations;
    }

    /** @return list<Plane> */
    public function planes(): array
    {
        return Walls::planes($this->space);
    }

    /** @return list<WallPoint> one for each station, from the bottom up */
    public function wall(Side $side, Plane $plane): array
    {
        return $this->walls[$side->value][$plane->value] ?? $this->walls[$side->value][Plane::Front->value];
    }

    /** The wall at any height: as read at a station, else as the readings leave it, rounded into the space. */
    public function wallAt(Side $side, Length $z, Plane $plane): WallPoint
    {
        $nearest = null;
        foreach ($this->wall($side, $plane) as $point) {
            if ($point->z->equals($z)) {
                return $point;
            }
            $far = fn (WallPoint $p): int => abs($p->z->units - $z->units);
            $nearest = $nearest === null || $far($point) < $far($nearest) ? $point : $nearest;
        }
        $mm = $this->shape->at(Surface::side($side), $this->sizes->plane($plane)->units, $z->units);

        return new WallPoint($z, $plane, Clip::wall($mm * Length::PER_MM, $side), false, $nearest?->reading);
    }

    /** How far a wall is off plumb over its stations; + leans into the space. Null with a single station. */
    public function lean(Side $side): ?Angle
    {
        $points = $this->wall($side, Plane::Front);
        [$foot, $head] = [$points[0], $points[count($points) - 1]];
        $into = $side === Side::Left ? $head->x->minus($foot->x) : $foot->x->minus($head->x);

        return count($points) < 2 ? null : Angle::ofSlope($into, $head->z->minus($foot->z));
    }

    /** The angle of a back corner in plan at the lowest station; null where nothing was read that tells it. */
    public function corner(Side $side): ?Angle
    {
        if (array_filter($this->space->readings, fn (Reading $r): bool => $r->isTaken() && $r->tellsOfCorner()) === []) {
            return null;
        }
        $z = $this->sizes->lowest()->units;
        $at = fn (Plane $plane): float => $this->shape->at(Surface::side($side), $this->sizes->plane($plane)->units, $z);
        $closes = ($at(Plane::Front) - $at(Plane::Back)) * ($side === Side::Left ? 1 : -1);

        return Angle::ofDegrees(90.0 - rad2deg(atan($closes / (float) $this->sizes->depth->millimetres())));
    }

    /** The slope overhead from level; null without one, or where nothing was read that tells it. */
    public function slopeAngle(): ?Angle
    {
        $slope = $this->space->slope;
        if ($slope === null || ! $this->shape->knows(Surface::Slope)) {
            return null;
        }
        $at = fn (int $x, int $y): float => $this->shape->at(Surface::Slope, $x, $y);
        [$width, $depth] = [$this->sizes->width, $this->sizes->depth];
        [$rise, $run] = $slope->along === Along::Run
            ? [$at($width->units, $depth->units) - $at(0, $depth->units), $width]
            : [$at(intdiv($width->units, 2), $depth->units) - $at(intdiv($width->units, 2), 0), $depth];

        return Angle::ofDegrees(rad2deg(atan(abs($rise) / (float) $run->millimetres())));
    }

    public function floorHighPoint(): Length
    {
        return Length::greatest(...array_values($this->floor));
    }

    /** The lowest overhead above a footprint from the back wall out; null where nobody has read a height. */
    public function lowestOverhead(Length $left, Length $right, Length $depth): ?Length
    {
        return $this->overheadOver($left, $right, [0, $depth->units], fn (array $z): float => min($z));
    }

    /** The highest overhead along a footprint's front, where a box is raised before it is pushed back. */
    public function highestAtFront(Length $left, Length $right, Length $depth): ?Length
    {
        return $this->overheadOver($left, $right, [$depth->units], fn (array $z): float => max($z));
    }

    /**
     * @param  non-empty-list<int>  $ys
     * @param  \Closure(non-empty-list<float>): float  $of
     */
    private function overheadOver(Length $left, Length $right, array $ys, \Closure $of): ?Length
    {
        if (! $this->overhead->isKnown()) {
            return null;
        }
        if ($this->space->slope === null && $this->overhead->steps === [] && $this->ceiling !== []) {
            return Length::least(...array_values($this->ceiling));
        }
        $found = [$this->overhead->at($left->units, $ys[0])];
        foreach ($ys as $y) {
            for ($i = 0; $i <= self::STRIPS; $i++) {
                $found[] = $this->overhead->at($left->units + ($right->units - $left->units) * $i / self::STRIPS, $y);
            }
        }

        return Clip::down($of($found));
    }

    public function leastDepth(): ?Length
    {
        return $this->depth === [] ? null : Length::least(...array_values($this->depth));
    }
}
