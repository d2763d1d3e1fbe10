<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What a reading is called: "width at 1 200, at the back". */
final class ReadingName
{
    public static function of(Reading $r): Text
    {
        $side = $r->side->value ?? 'left';
        $back = $r->plane === Plane::Back;

        return match ($r->kind) {
            ReadingKind::Width => Text::of($back ? 'reading.width_back' : 'reading.width', z: $r->z),
            ReadingKind::Plumb => Text::of('reading.plumb_'.self::wall($r).($back && self::wall($r) !== 'back' ? '_back' : ''), z: $r->z, from: $r->fromZ),
            ReadingKind::Height => self::height($r),
            ReadingKind::Depth => self::depth($r),
            ReadingKind::Level => Text::of('reading.level'.($r->face === Face::Ceiling ? '_ceiling' : '').($r->along === Along::Depth ? "_depth_$side" : ($back ? '_back' : ''))),
            ReadingKind::Diagonal => Text::of($r->face === Face::Floor ? "reading.diagonal_floor_$side" : 'reading.diagonal_'.($r->rise->value ?? 'rising_right')),
            ReadingKind::Gap => self::gap($r),
            ReadingKind::ThreeFourFive => Text::of("reading.three_four_five_$side", a: self::or($r->alongBack), b: self::or($r->alongSide)),
            ReadingKind::CornerAngle => Text::of("reading.corner_angle_$side"),
            ReadingKind::SlopeRise => Text::of('reading.slope_rise', run: self::or($r->run)),
            ReadingKind::MouthWidth, ReadingKind::BreastWidth => Text::of("reading.{$r->kind->value}", z: $r->z),
            ReadingKind::MouthHeight, ReadingKind::Return_, ReadingKind::BreastDepth => Text::of("reading.{$r->kind->value}_$side"),
            ReadingKind::Flank => Text::of("reading.flank_$side".($back ? '_back' : ''), z: $r->z),
            ReadingKind::StepHeight, ReadingKind::StepAt => Text::of("reading.{$r->kind->value}", step: $r->step ?? 1),
            ReadingKind::Knee, ReadingKind::SlopeAngle => Text::of("reading.{$r->kind->value}".($r->side === null ? '' : "_$side")),
            default => Text::of("reading.{$r->kind->value}"),
        };
    }

    private static function wall(Reading $r): string
    {
        return $r->on()->value;
    }

    /** At a side, or so far from the left side and from the back. */
    private static function height(Reading $r): Text
    {
        $kind = 'height'.($r->face === Face::Ceiling ? '_flat' : '');
        $back = $r->plane === Plane::Back ? '_back' : '';
        if ($r->y !== null && $r->x === null) {
            return Text::of("reading.{$kind}_y", y: $r->y);
        }

        return $r->x === null
            ? Text::of("reading.{$kind}_".($r->side->value ?? 'left').$back)
            : Text::of("reading.{$kind}_x".($r->y !== null ? 'y' : $back), x: $r->x, y: self::or($r->y));
    }

    /** At a side, or so far from the left side. */
    private static function depth(Reading $r): Text
    {
        return $r->x === null
            ? Text::of('reading.depth_'.($r->side->value ?? 'left').($r->z->isZero() ? '' : '_z'), z: $r->z)
            : Text::of('reading.depth_x', x: $r->x);
    }

    private static function gap(Reading $r): Text
    {
        [$key, $at] = match (true) {
            $r->on()->isLevel() => $r->along === Along::Depth ? ['depth', $r->y] : ['run', $r->x],
            $r->along === null => ['height', $r->z],
            $r->on() === Face::Back => ['run', $r->x],
            default => ['depth', $r->y],
        };

        return Text::of("reading.gap_{$r->on()->value}_$key", at: self::or($at));
    }

    private static function or(?Length $length): Length
    {
        return $length ?? Length::zero();
    }
}
