<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Geometry\View;

/** In which view a person would draw a reading. */
final class ReadingView
{
    public static function of(Reading $r, Space $space): View
    {
        $alongDepth = $space->slope?->along === Along::Depth;

        return match ($r->kind) {
            ReadingKind::Depth, ReadingKind::ThreeFourFive, ReadingKind::CornerAngle, ReadingKind::Return_,
            ReadingKind::MouthDepth, ReadingKind::BreastDepth => View::Top,
            ReadingKind::Diagonal => $r->face === Face::Floor ? View::Top : View::Front,
            ReadingKind::SlopeAngle, ReadingKind::SlopeRise, ReadingKind::SlopeStart, ReadingKind::Knee => $alongDepth ? View::Side : View::Front,
            ReadingKind::Height => $r->y !== null || $r->plane === Plane::Back || ($alongDepth && $r->side === null) ? View::Side : View::Front,
            ReadingKind::Plumb => $r->on() === Face::Back ? View::Side : View::Front,
            ReadingKind::Level => $r->along === Along::Depth ? View::Side : View::Front,
            ReadingKind::Flank => $r->plane === Plane::Back ? View::Top : View::Front,
            ReadingKind::Gap => self::ofGap($r),
            default => View::Front,
        };
    }

    private static function ofGap(Reading $r): View
    {
        return match (true) {
            $r->on() === Face::Back => $r->along === null ? View::Side : View::Top,
            $r->on()->isSide() => $r->along === null ? View::Front : View::Top,
            default => $r->along === Along::Depth ? View::Side : View::Front,
        };
    }
}
