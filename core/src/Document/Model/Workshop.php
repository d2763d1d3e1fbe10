<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * The person's tools and habits, copied into the project. Tape limit per fieldbook class II:
 * ±(tapeBase + tapePerMetre · L), L in metres rounded up, and tapeBend more for an inside reading.
 * A stick of lumber loses endTrim at each end. A sheet lies flat in the car up to carLength by carWidth, which bears carKg. A router's
 * base is so wide across, its bit so thick. Hook pushed against a wall, the tape reads hookOver more than a steel rule; one long run was read with tape
 * and meter. Distance meter ± meterLimit; line laser ± laserPerMetre · run; angle gauge ± gaugeDegrees.
 */
final readonly class Workshop
{
    public function __construct(
        public Length $kerf,
        public Length $trim,
        public Length $banding,
        public Length $slideIn,
        public Length $partTolerance,
        public Length $tapeBase,
        public Length $tapePerMetre,
        public Length $tapeBend,
        public Length $levelPerMetre,
        public Length $meterLimit,
        public Length $laserPerMetre,
        public float $gaugeDegrees,
        public Length $routerBase,
        public Length $routerBit,
        public Saws $saws,
        public Length $endTrim,
        public ?Length $carLength = null,
        public ?Length $carWidth = null,
        public ?float $carKg = null,
        public ?Length $hookOver = null,
        public ?Length $checkedOnTape = null,
        public ?Length $checkedOnMeter = null,
        public bool $cutsBySameTape = false,
    ) {
    }

    /** Whether something so large lies flat in the car; null where nothing is known of it. */
    public function fitsCar(Length $length, Length $width): ?bool
    {
        [$long, $wide] = [$this->carLength, $this->carWidth];

        return $long === null || $wide === null ? null
            : max($length->units, $width->units) <= max($long->units, $wide->units) && min($length->units, $width->units) <= min($long->units, $wide->units);
    }
}
