<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Polygon;
use Incastro\Core\Geometry\Shared;

/** Finds where two bodies touch. */
final class Touching
{
    /** Less than this is a line or a corner, mm². */
    private const LEAST_AREA = 1.0;

    /** @var array<string, list<Face>> */
    private array $faces = [];

    /** @return list<Contact> */
    public function of(Body $a, Body $b): array
    {
        $contacts = [];
        foreach ($this->faces($a) as $face) {
            foreach ($this->faces($b) as $other) {
                if ($face->isOpposite($other) && $face->meets($other)) {
                    array_push($contacts, ...array_filter([self::region($a, $b, $face, $other)]));
                }
            }
        }

        return $contacts;
    }

    /** What one has let into the other: they share room, and all of it was taken out of one of them. */
    public static function letIn(Body $a, Body $b, Shared $room): Contact
    {
        $into = array_filter($b->taken, fn (Block $t): bool => $t->overlaps($a->bounds)) !== [];
        [$first, $second] = $into ? [$a, $b] : [$b, $a];
        $sizes = [$room->box[1] - $room->box[0], $room->box[3] - $room->box[2], $room->box[5] - $room->box[4]];
        $thin = min($sizes);
        // It goes in along the way in which it reaches least far.
        $axis = [Axis::X, Axis::Y, Axis::Z][(int) array_search($thin, $sizes, true)];
        $way = $second->bounds->middle($axis)->isLessThan($first->bounds->middle($axis)) ? -1.0 : 1.0;
        $normal = match ($axis) {
            Axis::X => [$way, 0.0, 0.0], Axis::Y => [0.0, $way, 0.0], Axis::Z => [0.0, 0.0, $way],
        };

        return new Contact($first->id, $second->id, $normal, $room->volume / $thin, $room->box, true);
    }

    /** @return list<Face> */
    private function faces(Body $body): array
    {
        return $this->faces[$body->id] ??= Face::of($body->solid);
    }

    /** What two faces on one plane have in common, seen along the axis they look along most. */
    private static function region(Body $a, Body $b, Face $face, Face $other): ?Contact
    {
        [$x, $y, $z] = $face->normal;
        $most = max(abs($x), abs($y), abs($z));
        $drop = $most === abs($x) ? 0 : ($most === abs($y) ? 1 : 2);
        $common = Polygon::common($face->flat($drop), $other->flat($drop));
        $area = count($common) < 3 ? 0.0 : Polygon::area($common) / $most;
        if ($area < self::LEAST_AREA) {
            return null;
        }
        $corners = array_map(fn (array $p): array => $face->on($p, $drop), $common);

        return new Contact($a->id, $b->id, $face->normal, $area,
            [...Polygon::range($corners, 0), ...Polygon::range($corners, 1), ...Polygon::range($corners, 2)]);
    }
}
