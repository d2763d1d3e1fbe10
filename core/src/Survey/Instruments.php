<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Instrument;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** What the person's instruments may be out by. A limit a becomes a standard uncertainty a/√3 (GUM 4.3.7). */
final readonly class Instruments
{
    /** A gap, a lean or a short thickness read with a rule or wedge. */
    private const RULE_LIMIT_MM = 0.5;

    public Tape $tape;

    public function __construct(private Workshop $workshop)
    {
        $this->tape = new Tape($workshop);
    }

    /** Class II tape, inside reading: ±(base + perMetre · L + bend), L in metres rounded up (Directive 2014/32/EU, MI-008). */
    public function tapeLimit(Length $measured): Length
    {
        $metres = (int) ceil($measured->absolute()->units / (1000 * Length::PER_MM));

        return $this->workshop->tapeBase
            ->plus($this->workshop->tapePerMetre->times($metres))
            ->plus($this->workshop->tapeBend);
    }

    /** A level: ± perMetre · run. */
    public function levelLimit(Length $run): Length
    {
        $mm = $this->workshop->levelPerMetre->millimetres() * $run->absolute()->millimetres() / 1000;

        return Length::roundedFromMillimetres((float) $mm, Rounding::Up);
    }

    public static function standard(Length $limit): float
    {
        return max(0.01, $limit->millimetres() / sqrt(3.0));
    }

    /** Standard uncertainty of one take by itself, in mm, or in degrees for an angle. What it shares with others of one tape is not in it. */
    public function sigma(Reading $reading, Take $take, Sizes $sizes): float
    {
        $with = $take->with ?? Instrument::usualFor($reading->kind);

        return match (true) {
            $reading->kind->isAngle() => max(0.01, $this->workshop->gaugeDegrees / sqrt(3.0)),
            $reading->kind === ReadingKind::Gap, $reading->kind === ReadingKind::SlidEdge => self::RULE_LIMIT_MM / sqrt(3.0),
            in_array($reading->kind, [ReadingKind::Plumb, ReadingKind::Level], true) => self::standard($this->lineLimit($with, $this->span($reading, $sizes))),
            $with === Instrument::Meter => self::standard($this->workshop->meterLimit),
            // Two laths are marked where they overlap, and the mark is measured flat: nothing bends.
            $reading->kind === ReadingKind::Narrowest => self::RULE_LIMIT_MM / sqrt(3.0),
            default => self::standard($this->workshop->tapeBend),
        };
    }

    /** What the tape was set to read, null where another instrument was used: of that the take shares the scale and hook with all others (`Tape`). */
    public static function taped(Reading $reading, Take $take): ?Length
    {
        $with = $take->with ?? Instrument::usualFor($reading->kind);
        $isTaped = $with === Instrument::Tape && ! in_array($reading->kind, [ReadingKind::Gap, ReadingKind::SlidEdge], true);

        return $isTaped ? $take->value : null;
    }

    private function lineLimit(Instrument $with, Length $span): Length
    {
        $limit = $this->levelLimit($span);

        return match ($with) {
            Instrument::LevelReversed => Length::roundedFromMillimetres((float) $limit->millimetres() / 2, Rounding::Up),
            Instrument::Laser => Length::roundedFromMillimetres($this->workshop->laserPerMetre->millimetres() * $span->absolute()->millimetres() / 1000,
                Rounding::Up),
            default => $limit,
        };
    }

    private function span(Reading $reading, Sizes $sizes): Length
    {
        if ($reading->kind === ReadingKind::Plumb) {
            return $reading->z->minus($reading->fromZ);
        }

        return $reading->along === Along::Depth ? $sizes->depth : $sizes->width;
    }
}
