<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Workshop;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** What the person's tape and level may be out by. A limit a becomes a standard uncertainty a/√3 (GUM 4.3.7). */
final readonly class Instruments
{
    public function __construct(private Workshop $workshop)
    {
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
}
