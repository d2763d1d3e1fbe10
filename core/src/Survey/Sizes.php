<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\LowEnd;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Measure\Length;

/**
 * About how large a space is: the first reading of each kind, else a usual size. It says where stations lie
 * on the other axes and where the first guess starts; no result is taken from it.
 */
final readonly class Sizes
{
    private const DEPTH_BEFORE_READING_MM = 600;

    public Length $width;

    public Length $height;

    public Length $depth;

    /** @var list<Length> heights at which a side wall is read, ascending */
    public array $stations;

    public function __construct(public Space $space)
    {
        [$width, $height, $depth] = $space->kind->usualSize();
        $first = fn (ReadingKind $kind): ?Length => ($space->taken($kind)[0] ?? null)?->value();
        $this->width = $first(ReadingKind::Width) ?? Length::fromMillimetres($width);
        $this->height = $first(ReadingKind::Height) ?? Length::fromMillimetres($height);
        $this->depth = $first(ReadingKind::Depth) ?? Length::fromMillimetres(max($depth, self::DEPTH_BEFORE_READING_MM));
        $this->stations = self::heights($space);
    }

    public function lowest(): Length
    {
        return $this->stations[0] ?? Length::zero();
    }

    public function x(Reading $reading): Length
    {
        return $reading->x ?? ($reading->side === Side::Right ? $this->width : Length::zero());
    }

    public function y(Reading $reading): Length
    {
        return $reading->y ?? $this->plane($reading->plane);
    }

    public function plane(Plane $plane): Length
    {
        return $plane === Plane::Back ? Length::zero() : $this->depth;
    }

    /** @return array{float, float} the first guess of a slope's height at its low end, mm, and its rise over a unit of run */
    public function slopeGuess(): array
    {
        $knee = ($this->space->taken(ReadingKind::Knee)[0] ?? null)?->value();
        $low = (float) ($knee?->millimetres() ?? ($this->space->slope?->low === LowEnd::Back ? 900.0 : 300.0));

        return [$low, 0.7];
    }

    /** @return list<Length> */
    private static function heights(Space $space): array
    {
        $zs = [];
        foreach ($space->taken(ReadingKind::Width, ReadingKind::Flank, ReadingKind::Plumb, ReadingKind::Gap) as $r) {
            $onSide = $r->kind === ReadingKind::Width || $r->kind === ReadingKind::Flank || $r->on()->isSide();
            if ($onSide) {
                $zs[] = $r->z->units;
            }
            if ($onSide && $r->kind === ReadingKind::Plumb) {
                $zs[] = $r->fromZ->units;
            }
        }
        sort($zs);

        return array_map(Length::ofUnits(...), array_values(array_unique($zs)));
    }
}
