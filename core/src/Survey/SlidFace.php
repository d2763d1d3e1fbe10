<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;

/**
 * A side wall that a straightedge was slid all over, or either part of one that has a step: over both at once it finds the step, and says nothing else.
 * Where it stands furthest out or in is read; nowhere else does it stand further from straight than there. Straight is what its four corners span (a plane,
 * or one that is twisted: both pass under an edge slid upright and across).
 * "No further than v" is taken as: 0, with a standard deviation of half of v and what a rule tells. Proud is into the room.
 */
final readonly class SlidFace
{
    /** Of what was found, one standard deviation elsewhere; and at the place itself, where the edge may have stood on other places than the corners. */
    private const ELSEWHERE = 0.5;

    private const THERE = 0.1;

    private const PITCH_MM = 600;

    private const ABOUT = 150 * Length::PER_MM;

    private const CORNER = 50 * Length::PER_MM;

    private Surface $surface;

    /** @var list<array{int, int, int, int}> from and to, from the back and above the floor, units */
    private array $parts;

    public function __construct(private Nodes $nodes, private Reading $reading)
    {
        $this->surface = Surface::from($reading->on()->value);
        $steps = WallStep::on($nodes->sizes->space, Side::from($reading->on()->value));
        $this->parts = $steps !== [] && $reading->step === null ? [] : self::parts($nodes->sizes, $steps);
    }

    /**
     * @param  list<WallStep>  $steps
     * @return list<array{int, int, int, int}>
     */
    private static function parts(Sizes $sizes, array $steps): array
    {
        [$stations, $low] = [$sizes->stations, $sizes->lowest()];
        $high = count($stations) > 1 ? $stations[count($stations) - 1] : Length::greatest($sizes->height, $low);
        [$ys, $zs] = [[[0, $sizes->depth->units]], [[$low->units, $high->units]]];
        foreach ($steps as $step) {
            $step->isUpright ? $ys = self::split($ys, $step->at->units) : $zs = self::split($zs, $step->at->units);
        }
        $parts = [];
        foreach ($ys as $y) {
            array_push($parts, ...array_map(fn (array $z): array => [...$y, ...$z], $zs));
        }

        return $parts;
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<array{int, int}>
     */
    private static function split(array $stretches, int $at): array
    {
        $split = [];
        foreach ($stretches as [$from, $to]) {
            $isInside = $from < $at - WallStep::BESIDE && $at + WallStep::BESIDE < $to;
            array_push($split, ...($isInside ? [[$from, $at - WallStep::BESIDE], [$at + WallStep::BESIDE, $to]] : [[$from, $to]]));
        }

        return $split;
    }

    /** What was read at the place it says; null where it says none, or one that straight is measured from. */
    public function found(Take $take, float $sigma): ?Linear
    {
        if ($take->z === null || $this->parts === []) {
            return null;
        }
        $place = [($take->y ?? $this->nodes->sizes->depth)->units, $take->z->units];
        $within = array_map(fn (array $p): array => [max($p[0], min($p[1], $place[0])), max($p[2], min($p[3], $place[1]))], $this->parts);
        $far = array_map(fn (array $w): float => hypot($w[0] - $place[0], $w[1] - $place[1]), $within);
        $which = (int) array_search(min($far), $far, true);
        $standing = $this->standing($within[$which][0], $within[$which][1], $this->parts[$which]);

        return $standing === [] ? null : new Linear($standing, $take->number(), $sigma + self::THERE * abs($take->number()), $this->reading->id);
    }

    /** @return list<Linear> what a take says of all other places */
    public function elsewhere(Take $take, float $sigma): array
    {
        $said = [];
        foreach ($this->parts as $part) {
            foreach ([$part[0], intdiv($part[0] + $part[1], 2), $part[1]] as $y) {
                foreach (Targets::filled([$part[2], $part[3]], self::PITCH_MM) as $z) {
                    $standing = self::isAt($take, $y, $z) ? [] : $this->standing($y, $z, $part);
                    $said = $standing === [] ? $said : [...$said, new Linear($standing, 0.0, $sigma + self::ELSEWHERE * abs($take->number()))];
                }
            }
        }

        return $said;
    }

    /** What was found is part of what stands about its place: there the edge says nothing else, and two that differ close by would make waves. */
    private static function isAt(Take $take, int $y, int $z): bool
    {
        return $take->z !== null && $take->y !== null && hypot($take->y->units - $y, $take->z->units - $z) < self::ABOUT;
    }

    /**
     * How far a place stands into the room from what the corners of its part span.
     *
     * @param  array{int, int, int, int}  $part
     * @return array<int, float> none at a corner
     */
    private function standing(int $y, int $z, array $part): array
    {
        [$back, $depth, $low, $high] = $part;
        [$out, $up] = [($y - $back) / max(1, $depth - $back), ($z - $low) / max(1, $high - $low)];
        // Close to a corner nothing is told from straight: what little stands there is the edge's own play.
        if (min($y - $back, $depth - $y) < self::CORNER && min($z - $low, $high - $z) < self::CORNER) {
            return [];
        }
        $at = fn (int $y, int $z, float $share): array => Sum::times($this->nodes->at($this->surface, $y, $z), $share);
        $straight = Sum::of(Sum::of($at($back, $low, (1 - $out) * (1 - $up)), $at($depth, $low, $out * (1 - $up))),
            Sum::of($at($back, $high, (1 - $out) * $up), $at($depth, $high, $out * $up)));

        return Sum::times(Sum::less($this->nodes->at($this->surface, $y, $z), $straight), $this->surface === Surface::Right ? -1.0 : 1.0);
    }
}
