<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;

/**
 * The order in which a person walks a space: the mouth first, then widths from the floor up at the front and at the back,
 * what stands between, heights and what is overhead, depths, diagonals with a helper, then level and straightedge.
 */
final class Walk
{
    public const ORDER = [
        ReadingKind::MouthWidth, ReadingKind::MouthHeight, ReadingKind::MouthDepth, ReadingKind::Return_,
        ReadingKind::Width, ReadingKind::Flank, ReadingKind::BreastWidth, ReadingKind::BreastDepth,
        ReadingKind::Height, ReadingKind::Knee, ReadingKind::SlopeStart, ReadingKind::SlopeRise, ReadingKind::SlopeAngle,
        ReadingKind::StepAt, ReadingKind::StepHeight,
        ReadingKind::Depth, ReadingKind::Diagonal, ReadingKind::ThreeFourFive, ReadingKind::CornerAngle,
        ReadingKind::Plumb, ReadingKind::SlidEdge, ReadingKind::Narrowest, ReadingKind::StepEdge, ReadingKind::Gap, ReadingKind::Level,
    ];

    /** @return list<Reading> */
    public static function of(Space $space): array
    {
        $readings = array_values($space->readings);
        usort($readings, fn (Reading $a, Reading $b): int => self::rank($a) <=> self::rank($b));

        return $readings;
    }

    /** @return list<int|string> */
    private static function rank(Reading $r): array
    {
        $kind = $r->kind === ReadingKind::StepHeight ? ReadingKind::StepAt : $r->kind;

        return [
            (int) array_search($kind, self::ORDER, true), $r->edge ?? '', $r->step ?? 0, $r->plane === Plane::Back ? 1 : 0,
            $r->side === Side::Right || $r->face === Face::Right ? 1 : 0, $r->x->units ?? 0, $r->y->units ?? 0, $r->z->units, $r->id,
        ];
    }
}
