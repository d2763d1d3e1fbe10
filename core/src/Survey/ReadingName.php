<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Reading;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Measure\Text;

/** What a reading is called: "width at 1 200, at the back". */
final class ReadingName
{
    public static function of(Reading $reading): Text
    {
        $side = $reading->side->value ?? '';

        return match ($reading->kind) {
            ReadingKind::Width => $reading->plane === Plane::Back
                ? Text::of('reading.width_back', z: $reading->z)
                : Text::of('reading.width', z: $reading->z),
            ReadingKind::Plumb => Text::of("reading.plumb_$side", z: $reading->z, from: $reading->fromZ),
            ReadingKind::Height => Text::of("reading.height_$side"),
            ReadingKind::Depth => Text::of("reading.depth_$side"),
            ReadingKind::Level => Text::of('reading.level'),
            ReadingKind::Diagonal => Text::of('reading.diagonal_'.($reading->rise->value ?? 'rising_right')),
        };
    }
}
