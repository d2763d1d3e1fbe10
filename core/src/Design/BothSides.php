<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Axis;

/**
 * Two boards that meet an upright at the same place from both sides cannot both be screwed through it: the head of each screw would
 * lie behind the end of the other. The second is pocket-screwed from its own hidden face.
 */
final class BothSides
{
    public static function mend(Bench $bench): void
    {
        $through = [];
        foreach ($bench->joints as $n => $joint) {
            [$a, $b] = [$bench->panels[$joint->first] ?? null, $bench->panels[$joint->second] ?? null];
            if ($joint->kind !== JointKind::Screws || $a === null || $b === null) {
                continue;
            }
            $isFace = fn (Panel $p): bool => $p->inHouse($p->thin) === $joint->axis;
            if ($isFace($a) === $isFace($b)) {
                continue;
            }
            [$end, $face] = $isFace($b) ? [$a, $b] : [$b, $a];
            foreach ($through[$face->id] ?? [] as $other) {
                if (self::areOpposite($end, $other, $face, $joint->axis) && JointKind::takesPockets($end->block->extent($joint->axis))) {
                    $bench->joints[$n] = new Joint($joint->first, $joint->second, JointKind::PocketScrews, $joint->axis, $joint->play, $joint->depth);

                    continue 2;
                }
            }
            $through[$face->id][] = $end;
        }
    }

    /** On the two sides of the upright, and behind one another by any of their ends. */
    private static function areOpposite(Panel $a, Panel $b, Panel $face, Axis $axis): bool
    {
        $isLower = fn (Panel $p): bool => $p->block->middle($axis)->isLessThan($face->block->middle($axis));
        if ($isLower($a) === $isLower($b)) {
            return false;
        }
        foreach (Axis::cases() as $other) {
            if ($other !== $axis && (! $a->block->from($other)->isLessThan($b->block->to($other))
                || ! $b->block->from($other)->isLessThan($a->block->to($other)))) {
                return false;
            }
        }

        return true;
    }
}
