<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\FloatingSchool;
use Incastro\Core\Document\Model\FloorKind;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What the floor under a base asks for (fieldbook §3): a floating floor is never screwed through; cut, it keeps its maker's gap round the base. */
final class FloorAdvice
{
    private const GAP_MM = 10;

    /** @return list<Text> */
    public static function of(Piece $piece, Space $space): array
    {
        $gap = Length::fromMillimetres(self::GAP_MM);

        return match ($space->build->floor) {
            FloorKind::Floating => $piece->meeting(EdgeName::Base)?->floating === FloatingSchool::CutAway
                ? [Text::of('floor.cut_away', gap: $gap), Text::of('floor.cover', width: Cover::width($gap)->value)]
                : [Text::of('floor.stands_on'), Text::of('floor.heavy')],
            FloorKind::Carpet => [Text::of('floor.carpet')],
            FloorKind::Tile => [Text::of('floor.tile')],
            default => [],
        };
    }
}
