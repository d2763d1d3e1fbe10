<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** Whether two panels really meet as their joint says. */
final class Contact
{
    /** 1 µm. */
    private const TOLERANCE = 40;

    public static function holds(Joint $joint, Panel $a, Panel $b): bool
    {
        $expected = $joint->play->minus($joint->depth);
        if (abs(self::gap($joint->axis, $a, $b)->minus($expected)->units) > self::TOLERANCE) {
            return false;
        }
        foreach (Axis::cases() as $axis) {
            if ($axis !== $joint->axis && ! self::gap($axis, $a, $b)->isNegative()) {
                return false;
            }
        }

        return true;
    }

    /** The air between two panels along an axis; negative where they overlap. */
    public static function gap(Axis $axis, Panel $a, Panel $b): Length
    {
        $along = $axis->value;
        [$p, $q] = [$a->block, $b->block];

        return Length::greatest($q->corner->$along->minus($p->corner->$along->plus($p->size->$along)),
            $p->corner->$along->minus($q->corner->$along->plus($q->size->$along)));
    }
}
