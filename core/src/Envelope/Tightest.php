<?php

declare(strict_types=1);

namespace Incastro\Core\Envelope;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Survey\WallPoint;

/**
 * The point of a side that stands furthest into the space over a carcass's own height, at any depth: it slides in past the front too. At stations the
 * wall is as read; and wherever else something was read of it, at what depth it may be.
 */
final readonly class Tightest
{
    /** @param  Block  $carcass  its heights and its depth; where it stands along the wall is what is asked */
    public function __construct(private Room $room, private Bounds $bounds, private Block $carcass)
    {
    }

    public function of(Side $side): WallPoint
    {
        return self::furthest($side, [...$this->atStations($side),
            ...($this->bounds->isWall($side) ? [...$this->whereRead($side), ...$this->proud($side)] : [])]);
    }

    /** @param  non-empty-list<WallPoint>  $points */
    private static function furthest(Side $side, array $points): WallPoint
    {
        $into = $side === Side::Left ? -1 : 1;
        usort($points, fn (WallPoint $a, WallPoint $b): int => $into * ($a->x->units <=> $b->x->units));

        return $points[0];
    }

    /** @return non-empty-list<WallPoint> */
    private function atStations(Side $side): array
    {
        [$bottom, $top] = [$this->carcass->from(Axis::Z), $this->carcass->to(Axis::Z)];
        $points = [];
        foreach ($this->room->planes() as $plane) {
            $points[] = $this->bounds->at($side, $bottom, $plane);
            foreach ($this->room->stations() as $z) {
                if ($z->isGreaterThan($bottom) && $z->isLessThan($top)) {
                    $points[] = $this->bounds->at($side, $z, $plane);
                }
            }
            $points[] = $this->bounds->at($side, $top, $plane);
        }

        return $points ?: [$this->bounds->at($side, $bottom, Plane::Front)];
    }

    /** @return list<WallPoint> between front and back, or where something was found */
    private function whereRead(Side $side): array
    {
        $points = [];
        foreach ($this->room->space->readings as $r) {
            foreach ($r->isTaken() && self::isOf($r, $side) ? $r->takes : [] as $take) {
                [$y, $z] = $r->kind->findsPlace() ? [$take->y ?? $this->room->sizes->depth, $take->z] : [$r->y, $r->z];
                $points = $y === null || $z === null || ! $this->isWithin($z) ? $points : [...$points, $this->at($side, $y, $z, $r->id)];
            }
        }

        return $points;
    }

    private static function isOf(Reading $r, Side $side): bool
    {
        return match ($r->kind) {
            ReadingKind::Width, ReadingKind::Narrowest => true,
            ReadingKind::SlidEdge, ReadingKind::Plumb, ReadingKind::Gap => $r->on() === Face::from($side->value),
            default => false,
        };
    }

    private function isWithin(Length $z): bool
    {
        return ! $z->isLessThan($this->carcass->from(Axis::Z)) && ! $z->isGreaterThan($this->carcass->to(Axis::Z));
    }

    private function at(Side $side, Length $y, Length $z, ?string $reading): WallPoint
    {
        $x = $this->room->shape->at(Surface::side($side), $y->units, $z->units) * Length::PER_MM;

        return new WallPoint($z, $y->isPositive() ? Plane::Front : Plane::Back, Clip::wall($x, $side), false, $reading, null, $y);
    }

    /**
     * What stands proud of a side and is to be left alone: plates, trim, a radiator.
     *
     * @return list<WallPoint>
     */
    private function proud(Side $side): array
    {
        $points = [];
        $carcass = $this->carcass;
        foreach ($this->room->things as $placed) {
            if ($placed->thing->face->value !== $side->value || ! $placed->isSolid() || ! $placed->thing->takesRoom()
                || ! $placed->meetsHeights($carcass->from(Axis::Z), $carcass->to(Axis::Z)) || ! $placed->meetsDepth($carcass->size->y)) {
                continue;
            }
            $x = $side === Side::Left ? $placed->block->corner->x->plus($placed->thing->out) : $placed->block->corner->x;
            $points[] = new WallPoint($placed->thing->up, Plane::Front, $x, false, $placed->thing->id, $placed->name());
        }

        return $points;
    }
}
