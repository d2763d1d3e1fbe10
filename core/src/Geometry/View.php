<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

/** How the house is put on paper. */
enum View: string
{
    /** From the room: x right, z up. */
    case Front = 'front';
    /** From above: x right, y down the page, the back wall at the top. */
    case Top = 'top';
    /** From the left looking right: y right, z up. */
    case Side = 'side';

    public function project(Place3 $p): Point
    {
        return match ($this) {
            self::Front => new Point($p->x, $p->z),
            self::Top => new Point($p->x, $p->y->negated()),
            self::Side => new Point($p->y, $p->z),
        };
    }
}
