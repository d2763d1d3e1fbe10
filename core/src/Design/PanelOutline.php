<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Geometry\Region;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;

/** A panel in its own plane with all that goes through it taken out, seen as the house is seen in that plane. */
final readonly class PanelOutline
{
    public View $view;

    public Region $region;

    public Point $origin;

    public function __construct(Panel $panel)
    {
        $this->view = self::viewOf($panel->inHouse($panel->thin));
        $whole = $panel->solid->axis === $panel->inHouse($panel->thin) ? $panel->solid : Prism::of($panel->block, $panel->inHouse($panel->thin));
        $region = Region::of(self::leftward($whole->outlineIn($this->view)));
        foreach ($panel->taken as $taken) {
            if (self::isCutOut($taken)) {
                [$low, $high] = self::extremes($taken->block->outlineIn($this->view));
                $region = $region->without($low, $high);
            }
        }
        $this->region = $region;
        $this->origin = self::extremes($panel->block->outlineIn($this->view))[0];
    }

    /** Square-cornered and through the board: what may be merged with its outline. */
    public static function isCutOut(Taken $taken): bool
    {
        return $taken->kind === TakenKind::Notch || $taken->kind === TakenKind::CutOut;
    }

    public static function viewOf(Axis $thin): View
    {
        return match ($thin) {
            Axis::X => View::Side,
            Axis::Y => View::Front,
            Axis::Z => View::Top,
        };
    }

    /** @return list<list<Point>> its loops, from its own lower left corner */
    public function loops(): array
    {
        return array_map(fn (array $loop): array => array_map($this->fromOrigin(...), $loop), $this->region->loops);
    }

    public function fromOrigin(Point $p): Point
    {
        return new Point($p->across->minus($this->origin->across), $p->up->minus($this->origin->up));
    }

    /**
     * @param  list<Point>  $points
     * @return array{Point, Point}
     */
    public static function extremes(array $points): array
    {
        $across = array_map(fn (Point $p): Length => $p->across, $points) ?: throw new \LogicException('No points.');
        $up = array_map(fn (Point $p): Length => $p->up, $points) ?: throw new \LogicException('No points.');

        return [new Point(Length::least(...$across), Length::least(...$up)), new Point(Length::greatest(...$across), Length::greatest(...$up))];
    }

    /**
     * Anticlockwise, as seen.
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    private static function leftward(array $points): array
    {
        return Region::twice($points) < 0 ? array_reverse($points) : $points;
    }
}
