<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Reading;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Document\Rise;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Space;
use Incastro\Core\Measure\Length;

/** Turns readings into equations in the unknowns, and adds the assumptions that fill what nobody measured. */
final readonly class Observations
{
    /** A wall of an old house wanders about 3 mm over a metre of height, as a random walk (our prior, shown to the person). */
    public const WALL_WANDER_MM = 3.0;

    private const OUT_OF_SQUARE_MM = 6.0;

    private const OUT_OF_LEVEL_MM = 6.0;

    /**
     * @param  float  $ceilingUnits  about where the opening's upper corners are, in units of 25 nm
     * @param  Length  $run  the floor's run that a level reading crosses
     */
    public function __construct(
        private Unknowns $unknowns,
        private Instruments $instruments,
        private float $ceilingUnits,
        private Length $run,
    ) {
    }

    /** @return list<Observation> */
    public function of(Space $space): array
    {
        $observations = $this->assumptions();
        foreach ($space->readings as $reading) {
            foreach ($reading->takes as $take) {
                $equation = $this->equation($reading, $take->value);
                if ($equation !== null) {
                    $observations[] = $equation;
                }
            }
        }

        return $observations;
    }

    /** @return array<int, float> */
    public function widthAt(Length $z, Plane $plane): array
    {
        return Unknowns::difference($this->unknowns->wallAt(Side::Right, $z->units, $plane), $this->unknowns->wallAt(Side::Left, $z->units, $plane));
    }

    private function equation(Reading $reading, Length $value): ?Observation
    {
        $u = $this->unknowns;
        $side = $reading->side ?? Side::Left;
        $coefficients = match ($reading->kind) {
            ReadingKind::Width => $this->widthAt($reading->z, $reading->plane),
            ReadingKind::Plumb => $this->lean($reading, $side),
            ReadingKind::Level => $u->floor(Side::Right),
            ReadingKind::Height => Unknowns::difference($u->ceiling($side), $u->floor($side)),
            ReadingKind::Depth => $u->depth($side),
            ReadingKind::Diagonal => null,
        };
        $sigma = Instruments::standard($this->limit($reading, $value));
        if ($coefficients === null) {
            return $u->hasCeiling ? $this->diagonal($reading, $value, $sigma) : null;
        }

        return new Linear($coefficients, (float) $value->millimetres(), $sigma, $reading->id);
    }

    /** What the instrument may be out by for one reading. */
    private function limit(Reading $reading, Length $value): Length
    {
        return match ($reading->kind) {
            ReadingKind::Plumb => $this->instruments->levelLimit($reading->z->minus($reading->fromZ)),
            ReadingKind::Level => $this->instruments->levelLimit($this->run),
            default => $this->instruments->tapeLimit($value),
        };
    }

    /** @return array<int, float> */
    private function lean(Reading $reading, Side $side): array
    {
        $into = $side === Side::Left ? 1.0 : -1.0;

        return Unknowns::scaled(Unknowns::difference($this->unknowns->wall($side, $reading->z, Plane::Front), $this->unknowns->wall($side, $reading->fromZ, Plane::Front)), $into);
    }

    /** Corner to corner of the opening, at the front. Corners take the walls at the last heights that are known. */
    private function diagonal(Reading $reading, Length $value, float $sigma): Distance
    {
        $low = $reading->rise === Rise::Right ? Side::Left : Side::Right;
        $high = $low->other();
        $u = $this->unknowns;
        $across = Unknowns::difference($u->wallAt($high, $this->ceilingUnits, Plane::Front), $u->wallAt($low, 0.0, Plane::Front));
        $up = Unknowns::difference($u->ceiling($high), $u->floor($low));

        return new Distance($across, $up, (float) $value->millimetres(), $sigma, $reading->id);
    }

    /** @return list<Observation> */
    private function assumptions(): array
    {
        $u = $this->unknowns;
        $list = [new Linear($u->floor(Side::Right), 0.0, self::OUT_OF_LEVEL_MM)];
        foreach ([Side::Left, Side::Right] as $side) {
            array_push($list, ...$this->assumedWall($side));
        }
        if ($u->hasCeiling) {
            $list[] = new Linear(Unknowns::difference($u->ceiling(Side::Right), $u->ceiling(Side::Left)), 0.0, self::OUT_OF_LEVEL_MM);
        }
        if ($u->hasDepth) {
            $list[] = new Linear(Unknowns::difference($u->depth(Side::Right), $u->depth(Side::Left)), 0.0, self::OUT_OF_SQUARE_MM);
        }

        return $list;
    }

    /**
     * A wall is plumb but for its wander; at the back it follows the front, but for being out of square.
     *
     * @return list<Observation>
     */
    private function assumedWall(Side $side): array
    {
        $u = $this->unknowns;
        $list = [];
        foreach ($u->stations as $k => $z) {
            $below = $u->stations[$k - 1] ?? null;
            $wander = self::WALL_WANDER_MM * sqrt(($z - ($below ?? 0)) / (1000 * Length::PER_MM));
            $rise = fn (Plane $plane): array => $below === null ? [] : Unknowns::difference($u->wall($side, $z, $plane), $u->wall($side, $below, $plane));
            if ($below !== null) {
                $list[] = new Linear($rise(Plane::Front), 0.0, $wander);
            }
            if ($u->hasBack) {
                $list[] = $below === null
                    ? new Linear(Unknowns::difference($u->wall($side, $z, Plane::Back), $u->wall($side, $z, Plane::Front)), 0.0, self::OUT_OF_SQUARE_MM)
                    : new Linear(Unknowns::difference($rise(Plane::Back), $rise(Plane::Front)), 0.0, $wander);
            }
        }

        return $list;
    }
}
