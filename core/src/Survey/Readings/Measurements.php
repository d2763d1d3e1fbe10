<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;

/** The form of each kind of reading. */
final class Measurements
{
    public static function of(ReadingKind $kind): Measurement
    {
        return match ($kind) {
            ReadingKind::Width => new Width,
            ReadingKind::Height => new Height,
            ReadingKind::Depth => new Depth,
            ReadingKind::Diagonal => new Diagonal,
            ReadingKind::Plumb => new Plumb,
            ReadingKind::Level => new Level,
            ReadingKind::Gap => new Gap,
            ReadingKind::SlidEdge => new SlidEdge,
            ReadingKind::Narrowest => new Narrowest,
            ReadingKind::StepEdge => new StepEdge,
            ReadingKind::ThreeFourFive => new ThreeFourFive,
            ReadingKind::CornerAngle => new CornerAngle,
            ReadingKind::SlopeAngle => new SlopeAngle,
            ReadingKind::SlopeRise => new SlopeRise,
            ReadingKind::SlopeStart => new SlopeStart,
            ReadingKind::Knee => new Knee,
            ReadingKind::MouthWidth => new MouthWidth,
            ReadingKind::MouthHeight => new MouthHeight,
            ReadingKind::MouthDepth => new MouthDepth,
            ReadingKind::Return_ => new JambReturn,
            ReadingKind::Flank => new Flank,
            ReadingKind::BreastWidth => new BreastWidth,
            ReadingKind::BreastDepth => new BreastDepth,
            ReadingKind::StepHeight => new StepHeight,
            ReadingKind::StepAt => new StepAt,
        };
    }

    /** @return array{Point, Point}|null where the tape of a reading lies in a view; null where it is drawn in another */
    public static function tape(Reading $r, View $view, Tapes $on): ?array
    {
        $form = self::of($r->kind);

        return $form->view($r, $on->outline->room->space) === $view ? $form->tape($r, $view, $on) : null;
    }
}
