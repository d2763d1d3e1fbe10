<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

/**
 * A flap held by gas struts (fieldbook §12). Its moment is W·c·cos β. It holds open if n·F·a ≥ 1.2 times that there, and stays shut
 * without a catch if n·k·F·a is under 0.9 times that there: a compressed strut pushes k times harder. Newtons, mm, degrees.
 */
final readonly class Struts
{
    public const COUNT = 2;

    /** A compressed strut's push over its rating, k = 1.2 to 1.5. */
    public const HARDER = 1.3;

    private const HOLD = 1.2;

    private const SHUT = 0.9;

    private const GRAVITY = 9.81;

    /**
     * @param  float  $kg  of the flap with what is fixed on it, its centre `centre` from the hinge
     * @param  float  $shutDeg  line from hinge to centre of gravity from level when shut, `openDeg` when open
     * @param  float  $onFlap  mounting from the hinge along the flap; `down` and `out` where the other end is, from the hinge
     */
    public function __construct(private float $kg, private float $centre, private float $shutDeg,
        private float $openDeg, private float $onFlap, private float $out, private float $down)
    {
    }

    /** Nmm, so far from level. */
    public function moment(float $deg): float
    {
        return $this->kg * self::GRAVITY * $this->centre * cos(deg2rad($deg));
    }

    /** The strut's line from the hinge, at an angle of the flap. */
    public function arm(float $deg): float
    {
        [$x, $y] = [$this->onFlap * cos(deg2rad($deg)), $this->onFlap * sin(deg2rad($deg))];
        [$dx, $dy] = [$x - $this->out, $y + $this->down];

        // Positive where pushing it apart lifts the flap.
        return ($this->out * $dy + $this->down * $dx) / max(1e-9, hypot($dx, $dy));
    }

    /**
     * @return array{moment_open: float, moment_shut: float, arm_open: float, arm_shut: float, holds_from: float|null, shuts_to: float|null} each strut's
     *     rating, N: at least to hold, at most to stay shut
     */
    public function ratings(int $count = self::COUNT, float $harder = self::HARDER): array
    {
        [$open, $shut] = [$this->moment($this->openDeg), $this->moment($this->shutDeg)];
        [$armOpen, $armShut] = [$this->arm($this->openDeg), $this->arm($this->shutDeg)];

        return [
            'moment_open' => $open, 'moment_shut' => $shut, 'arm_open' => $armOpen, 'arm_shut' => $armShut,
            'holds_from' => $armOpen > 1e-6 ? max(0.0, self::HOLD * $open / ($count * $armOpen)) : null,
            // Over centre it pulls the flap shut; whatever it is rated.
            'shuts_to' => $armShut <= 1e-6 ? null : max(0.0, self::SHUT * $shut / ($count * $harder * $armShut)),
        ];
    }
}
