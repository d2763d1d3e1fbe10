<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;

/** Bodies that are near enough to touch or to share room: a sweep along x looks only at those that reach so far. */
final class Pairs
{
    /** 0.1 mm. */
    private const NEAR = Length::PER_MM / 10;

    /**
     * @param  list<Body>  $bodies
     * @return \Generator<int, array{Body, Body}>
     */
    public static function near(array $bodies): \Generator
    {
        usort($bodies, fn (Body $a, Body $b): int => [$a->bounds->corner->x->units, $a->id] <=> [$b->bounds->corner->x->units, $b->id]);
        $open = [];
        foreach ($bodies as $body) {
            $from = $body->bounds->corner->x->units - self::NEAR;
            foreach ($open as $i => $other) {
                if ($other->bounds->corner->x->units + $other->bounds->size->x->units < $from) {
                    unset($open[$i]);
                } elseif (self::reach($body->bounds, $other->bounds)) {
                    yield [$other, $body];
                }
            }
            $open[] = $body;
        }
    }

    private static function reach(Block $a, Block $b): bool
    {
        [$p, $r, $q, $s] = [$a->corner, $a->size, $b->corner, $b->size];

        return $p->y->units <= $q->y->units + $s->y->units + self::NEAR && $q->y->units <= $p->y->units + $r->y->units + self::NEAR
            && $p->z->units <= $q->z->units + $s->z->units + self::NEAR && $q->z->units <= $p->z->units + $r->z->units + self::NEAR;
    }
}
