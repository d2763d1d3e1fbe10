<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** The two sides at every station, at the front and, where it was read, at the back. */
final readonly class Walls
{
    private function __construct(private Nodes $nodes)
    {
    }

    /** Sees to it that every station of both sides is an unknown. */
    public static function numbered(Nodes $nodes): self
    {
        $walls = new self($nodes);
        $walls->each(fn (Side $side, Plane $plane, Length $z): array => $walls->sum($side, $plane, $z));

        return $walls;
    }

    /** @return list<Plane> the back counts where anything was read there */
    public static function planes(Space $space): array
    {
        $there = array_filter($space->readings, fn (Reading $r): bool => $r->isTaken() && ($r->tellsOfCorner()
            || ($r->plane === Plane::Back && in_array($r->kind, [ReadingKind::Width, ReadingKind::Plumb, ReadingKind::Diagonal], true))));

        return $there === [] ? [Plane::Front] : [Plane::Front, Plane::Back];
    }

    /** @return array<string, array<string, list<WallPoint>>> by side and plane, from the bottom up */
    public function placed(Adjustment $adjustment, bool $exact): array
    {
        return $this->each(function (Side $side, Plane $plane, Length $z) use ($adjustment, $exact): WallPoint {
            $sum = $this->sum($side, $plane, $z);
            $units = Sum::value($sum, $adjustment->state) * Length::PER_MM;
            $sure = $exact && self::isOnTape(Rounding::Nearest->apply($units)) && $adjustment->settles($sum);

            return new WallPoint($z, $plane, $sure ? Length::ofUnits(Rounding::Nearest->apply($units)) : Clip::wall($units, $side), $sure,
                self::readingBehind($this->nodes->sizes->space, $side, $z, $plane));
        });
    }

    /** Sums of what tapes show end on a tape's own marks (0.05 mm, 1/64 in, 0.001 in); what an angle gave does not, and is rounded. */
    private static function isOnTape(int $units): bool
    {
        return $units % (Length::PER_MM / 20) === 0 || $units % Length::PER_SIXTY_FOURTH === 0 || $units % (Length::PER_INCH / 1000) === 0;
    }

    /** @return array<int, float> */
    private function sum(Side $side, Plane $plane, Length $z): array
    {
        return $this->nodes->at(Surface::side($side), $this->nodes->sizes->plane($plane)->units, $z->units);
    }

    /**
     * @template T
     *
     * @param  \Closure(Side, Plane, Length): T  $do
     * @return array<string, array<string, list<T>>>
     */
    private function each(\Closure $do): array
    {
        $done = [];
        foreach (Side::cases() as $side) {
            foreach (self::planes($this->nodes->sizes->space) as $plane) {
                $done[$side->value][$plane->value] = array_map(fn (Length $z) => $do($side, $plane, $z), $this->nodes->sizes->stations);
            }
        }

        return $done;
    }

    /** The reading a person would check first: the plumb of that wall there, else the width there. */
    private static function readingBehind(Space $space, Side $side, Length $z, Plane $plane): ?string
    {
        foreach ($space->taken(ReadingKind::Plumb) as $plumb) {
            if ($plumb->side === $side && $plumb->z->equals($z)) {
                return $plumb->id;
            }
        }
        foreach ($space->taken(ReadingKind::Width) as $width) {
            if ($width->z->equals($z) && $width->plane === $plane) {
                return $width->id;
            }
        }

        return null;
    }
}
