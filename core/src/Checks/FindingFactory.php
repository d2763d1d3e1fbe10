<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Findings\Authority;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A finding whose sentence and remedy have the code's name and share their arguments. */
final class FindingFactory
{
    /** @param  array<string, Length|Angle|Text|int|string>  $args */
    public static function look(string $code, Place $place, string $source, array $args = []): Finding
    {
        return new Finding($code, Severity::Look, $place, Text::of($code, ...$args), Text::of("$code.remedy", ...$args), Text::of("source.$source"));
    }

    /** @param  array<string, Length|Angle|Text|int|string>  $args */
    public static function note(string $code, Place $place, string $source, array $args = []): Finding
    {
        return self::look($code, $place, $source, $args)->graded(Severity::Note);
    }

    /**
     * Does not go on until somebody has decided.
     *
     * @param  array<string, Length|Angle|Text|int|string>  $args
     */
    public static function gate(string $code, Place $place, Authority $decides, array $args = []): Finding
    {
        return self::look($code, $place, 'gate', $args)->graded(Severity::Stop)->decidedBy($decides);
    }

    /** Tenths of a millimetre, rounded up. */
    public static function up(float $mm): Length
    {
        return Length::ofUnits((int) ceil(round($mm * 10, 6)) * intdiv(Length::PER_MM, 10));
    }

    /** Tenths of a millimetre, rounded down. */
    public static function down(float $mm): Length
    {
        return Length::ofUnits((int) floor(round($mm * 10, 6)) * intdiv(Length::PER_MM, 10));
    }

    /** One decimal, in words: what is not a length has no unit to follow. */
    public static function tenths(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
