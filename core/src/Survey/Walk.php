<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Reading;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Space;

/**
 * The order in which a person walks a niche: widths from the floor up at the front, then at the back, heights,
 * depths, diagonals with a helper, then the level: plumb of each side and the floor.
 */
final class Walk
{
    /** @return list<Reading> */
    public static function of(Space $space): array
    {
        $readings = array_values($space->readings);
        usort($readings, fn (Reading $a, Reading $b): int => self::rank($a) <=> self::rank($b));

        return $readings;
    }

    /** @return array{int, int, int, int, string} */
    private static function rank(Reading $r): array
    {
        $kind = match ($r->kind) {
            ReadingKind::Width => 1,
            ReadingKind::Height => 2,
            ReadingKind::Depth => 3,
            ReadingKind::Diagonal => 4,
            ReadingKind::Plumb => 5,
            ReadingKind::Level => 6,
        };

        return [$kind, $r->plane === Plane::Back ? 1 : 0, $r->side === Side::Right ? 1 : 0, $r->z->units, $r->id];
    }
}
