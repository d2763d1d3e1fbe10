<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Space;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;

/**
 * A space rebuilt from its readings, in the frame of docs/frame.md: x = 0 at the left wall's lowest station,
 * z = 0 at the floor there. Heights and depths are null where nobody has measured them.
 */
final readonly class Room
{
    /**
     * @param  list<Length>  $stations  ascending
     * @param  list<Plane>  $planes
     * @param  array<string, array<string, list<WallPoint>>>  $walls  by side, by plane, one a station
     * @param  array<string, Length>  $floor  by side
     * @param  array<string, Length>  $ceiling  by side; empty where unknown
     * @param  array<string, Length>  $depth  by side; empty where unknown
     * @param  array<string, array{mm: float, standardised: float}>  $residuals  by reading, the worst of its takes
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public Space $space,
        public array $stations,
        public array $planes,
        private array $walls,
        public array $floor,
        public array $ceiling,
        public array $depth,
        public array $residuals,
        public ?Doubt $doubt,
        public array $findings,
    ) {
    }

    public function isMeasured(): bool
    {
        return $this->stations !== [];
    }

    /** @return list<WallPoint> one for each station, from the bottom up */
    public function wall(Side $side, Plane $plane): array
    {
        return $this->walls[$side->value][$plane->value] ?? $this->walls[$side->value][Plane::Front->value];
    }

    /** The wall at any height: as between stations (see Unknowns), rounded into the space where it falls off the grid. */
    public function wallAt(Side $side, Length $z, Plane $plane): WallPoint
    {
        $points = [];
        foreach ($this->wall($side, $plane) as $point) {
            $points[$point->z->units] = $point;
        }
        if (isset($points[$z->units])) {
            return $points[$z->units];
        }
        $heights = array_keys($points) ?: throw new \LogicException('A wall without a station.');
        [$a, $b] = array_map(fn (int $at): WallPoint => $points[$at], Unknowns::neighbours($heights, (float) $z->units));
        if ($a === $b) {
            return new WallPoint($z, $plane, $a->x, false, $a->reading);
        }
        $share = ($z->units - $a->z->units) / ($b->z->units - $a->z->units);
        $units = $a->x->units + $share * ($b->x->units - $a->x->units);
        $x = Clip::wall($units, $side);

        return new WallPoint($z, $plane, $x, false, ($share < 0.5 ? $a : $b)->reading);
    }

    /** How far a wall is off plumb over its stations; + leans into the space. Null with a single station. */
    public function lean(Side $side): ?Angle
    {
        $points = $this->wall($side, Plane::Front);
        [$foot, $head] = [$points[0], $points[count($points) - 1]];
        $into = $side === Side::Left ? $head->x->minus($foot->x) : $foot->x->minus($head->x);

        return count($points) < 2 ? null : Angle::ofSlope($into, $head->z->minus($foot->z));
    }

    public function floorHighPoint(): Length
    {
        return Length::greatest(...array_values($this->floor));
    }

    public function ceilingLowPoint(): ?Length
    {
        return $this->ceiling === [] ? null : Length::least(...array_values($this->ceiling));
    }

    public function leastDepth(): ?Length
    {
        return $this->depth === [] ? null : Length::least(...array_values($this->depth));
    }
}
