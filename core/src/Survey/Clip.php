<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** What is adjusted or interpolated is no finer than 0.1 mm; a wall is moved into the space, never out of it. */
final class Clip
{
    private const TENTH = 4_000;

    public static function wall(float $units, Side $side): Length
    {
        // A hair of float noise must not push a wall that stands on the grid a whole step in.
        $steps = round($units / self::TENTH, 3);

        return Length::ofUnits(($side === Side::Left ? Rounding::Up : Rounding::Down)->apply($steps) * self::TENTH);
    }

    public static function up(float $mm): Length
    {
        return Length::ofUnits(Rounding::Up->apply(10 * $mm) * self::TENTH);
    }

    public static function down(float $mm): Length
    {
        return Length::ofUnits(Rounding::Down->apply(10 * $mm) * self::TENTH);
    }

    public static function nearest(float $mm): Length
    {
        return Length::ofUnits(Rounding::Nearest->apply(10 * $mm) * self::TENTH);
    }
}
