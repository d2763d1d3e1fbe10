<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Reading;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Space;
use Incastro\Core\Document\Workshop;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** Rebuilds a space from its readings. */
final readonly class Surveyor
{
    private Instruments $instruments;

    public function __construct(Workshop $workshop)
    {
        $this->instruments = new Instruments($workshop);
    }

    public function survey(Space $space): Room
    {
        $widths = $space->taken(ReadingKind::Width);
        if ($widths === []) {
            return self::unmeasured($space);
        }
        $unknowns = new Unknowns($space);
        $observations = new Observations($unknowns, $this->instruments, self::ceilingUnits($space), $widths[0]->value() ?? Length::zero());
        $adjustment = LeastSquares::solve($observations->of($space), self::start($unknowns, $widths, $space));
        $exact = self::agree($adjustment);

        return new Room(
            $space,
            array_map(Length::ofUnits(...), $unknowns->stations),
            $unknowns->planes(),
            self::walls($space, $unknowns, $adjustment, $exact),
            ['left' => Length::zero(), 'right' => self::level($adjustment, $unknowns->floor(Side::Right), $exact)],
            self::pair($adjustment, $unknowns->ceiling(...), $exact),
            self::pair($adjustment, $unknowns->depth(...), $exact),
            self::residualsByReading($adjustment),
            (new DoubtOfWidth($unknowns, $this->instruments))->of($adjustment),
            (new Contradictions)->in($adjustment, $space),
        );
    }

    private static function unmeasured(Space $space): Room
    {
        return new Room($space, [], [Plane::Front], [], ['left' => Length::zero(), 'right' => Length::zero()], [], [], [], null, []);
    }

    /**
     * A guess that the first step improves: everything at its typical size.
     *
     * @param  list<Reading>  $widths
     * @return list<float>
     */
    private static function start(Unknowns $unknowns, array $widths, Space $space): array
    {
        $state = array_fill(0, $unknowns->count(), 0.0);
        foreach ($unknowns->planes() as $plane) {
            foreach ($unknowns->stations as $z) {
                foreach ($unknowns->wall(Side::Right, $z, $plane) as $i => $c) {
                    $state[$i] = (float) ($widths[0]->value()?->millimetres() ?? 0.0);
                }
            }
        }
        $height = $space->taken(ReadingKind::Height)[0] ?? null;
        foreach ($unknowns->ceiling(Side::Left) + $unknowns->ceiling(Side::Right) as $i => $c) {
            $state[$i] = (float) ($height?->value()?->millimetres() ?? 0.0);
        }

        return array_values($state);
    }

    private static function ceilingUnits(Space $space): float
    {
        $height = $space->taken(ReadingKind::Height)[0] ?? null;

        return (float) ($height?->value()->units ?? 0);
    }

    private static function agree(Adjustment $adjustment): bool
    {
        foreach ($adjustment->residuals as $residual) {
            if (abs($residual->mm) > 1e-5) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, array<string, list<WallPoint>>> */
    private static function walls(Space $space, Unknowns $unknowns, Adjustment $adjustment, bool $exact): array
    {
        $walls = [];
        foreach (Side::cases() as $side) {
            foreach ($unknowns->planes() as $plane) {
                foreach ($unknowns->stations as $z) {
                    $x = self::at($adjustment, $unknowns->wall($side, $z, $plane));
                    $x = $exact ? $x : Clip::wall($x->units, $side);
                    $walls[$side->value][$plane->value][] = new WallPoint(
                        Length::ofUnits($z), $plane, $x, $exact, self::readingBehind($space, $side, $z, $plane));
                }
            }
        }

        return $walls;
    }

    /** The reading a person would check first: the plumb of that wall there, else the width there. */
    private static function readingBehind(Space $space, Side $side, int $z, Plane $plane): ?string
    {
        foreach ($space->taken(ReadingKind::Plumb) as $plumb) {
            if ($plumb->side === $side && $plumb->z->units === $z) {
                return $plumb->id;
            }
        }
        foreach ($space->taken(ReadingKind::Width) as $width) {
            if ($width->z->units === $z && $width->plane === $plane) {
                return $width->id;
            }
        }

        return null;
    }

    /** @param  array<int, float>  $coefficients */
    private static function at(Adjustment $adjustment, array $coefficients): Length
    {
        [$mm] = (new Linear($coefficients, 0.0, 1.0))->predict($adjustment->state);

        return Length::roundedFromMillimetres($mm, Rounding::Nearest);
    }

    /** @param  array<int, float>  $coefficients */
    private static function level(Adjustment $adjustment, array $coefficients, bool $exact): Length
    {
        $found = self::at($adjustment, $coefficients);

        return $exact ? $found : Clip::nearest($found->units);
    }

    /**
     * @param  \Closure(Side): array<int, float>  $unknown
     * @return array<string, Length>
     */
    private static function pair(Adjustment $adjustment, \Closure $unknown, bool $exact): array
    {
        $pair = [];
        foreach (Side::cases() as $side) {
            if ($unknown($side) !== []) {
                $pair[$side->value] = self::level($adjustment, $unknown($side), $exact);
            }
        }

        return $pair;
    }

    /** @return array<string, array{mm: float, standardised: float}> */
    private static function residualsByReading(Adjustment $adjustment): array
    {
        $worst = [];
        foreach ($adjustment->residuals as $r) {
            if (abs($r->standardised) >= abs($worst[$r->reading]['standardised'] ?? 0.0)) {
                $worst[$r->reading] = ['mm' => $r->mm, 'standardised' => $r->standardised];
            }
        }

        return $worst;
    }
}
