<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Measure\Length;

/**
 * A side wall that a straightedge was slid all over. Where it stands furthest out or in is read; nowhere else does it stand further from
 * straight than there. Straight is what its four corners span (a plane, or one that is twisted: both pass under an edge slid upright and across).
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

    private Length $low;

    private Length $high;

    public function __construct(private Nodes $nodes, Face $face)
    {
        $this->surface = Surface::from($face->value);
        $stations = $nodes->sizes->stations;
        $this->low = $nodes->sizes->lowest();
        $this->high = count($stations) > 1 ? $stations[count($stations) - 1] : Length::greatest($nodes->sizes->height, $this->low);
    }

    /** What was read at the place it says; null where it says none, or one that straight is measured from. */
    public function found(Reading $r, Take $take, float $sigma): ?Linear
    {
        $n = $this->nodes;
        $standing = $take->z === null ? [] : $this->standing(min(($take->y ?? $n->sizes->depth)->units, $n->sizes->depth->units),
            max($this->low->units, min($this->high->units, $take->z->units)));

        return $standing === [] ? null : new Linear($standing, $take->number(), $sigma + self::THERE * abs($take->number()), $r->id);
    }

    /** @return list<Linear> what a take says of all other places */
    public function elsewhere(Take $take, float $sigma): array
    {
        $said = [];
        foreach ([0, intdiv($this->nodes->sizes->depth->units, 2), $this->nodes->sizes->depth->units] as $y) {
            foreach (Targets::filled([$this->low->units, $this->high->units], self::PITCH_MM) as $z) {
                $standing = self::isAt($take, $y, $z) ? [] : $this->standing($y, $z);
                $said = $standing === [] ? $said : [...$said, new Linear($standing, 0.0, $sigma + self::ELSEWHERE * abs($take->number()))];
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
     * How far a place stands into the room from what the corners span.
     *
     * @return array<int, float> none at a corner
     */
    private function standing(int $y, int $z): array
    {
        [$depth, $low, $high] = [$this->nodes->sizes->depth->units, $this->low->units, $this->high->units];
        [$out, $up] = [$y / max(1, $depth), ($z - $low) / max(1, $high - $low)];
        // Close to a corner nothing is told from straight: what little stands there is the edge's own play.
        if (min($y, $depth - $y) < self::CORNER && min($z - $low, $high - $z) < self::CORNER) {
            return [];
        }
        $at = fn (int $y, int $z, float $share): array => Sum::times($this->nodes->at($this->surface, $y, $z), $share);
        $straight = Sum::of(Sum::of($at(0, $low, (1 - $out) * (1 - $up)), $at($depth, $low, $out * (1 - $up))),
            Sum::of($at(0, $high, (1 - $out) * $up), $at($depth, $high, $out * $up)));

        return Sum::times(Sum::less($this->nodes->at($this->surface, $y, $z), $straight), $this->surface === Surface::Right ? -1.0 : 1.0);
    }
}
