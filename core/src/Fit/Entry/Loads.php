<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

use Incastro\Core\Design\CaseFront;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PartName;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Weight;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Fit\Units\Carried;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What of a piece is carried in as a whole: each box along the back wall, with what is joined to it at the bench. */
final readonly class Loads
{
    /** @param  list<Unit>  $units  of the piece */
    public function __construct(private Weight $weight, private array $units, private Carried $carried)
    {
    }

    /** @return list<Load> */
    public function of(Design $design, Fit $fit): array
    {
        return array_map(function (CaseFront $front) use ($fit): Load {
            $place = new Block(new Place3($front->x->from, $fit->box->rear, $front->z->from),
                new Place3($front->x->value(), $front->depth()->minus($fit->box->rear), $front->z->value()));
            $mm = fn (Length $l): float => (float) $l->millimetres();

            return new Load($front->id, PartName::in(Text::of('entry.box'), $front->label), $place, $this->kg($place),
                $mm($place->size->x), $mm($place->size->y), $mm($place->size->z), self::shape($fit->box, $place),
                $front->framed ? $mm($front->board->thickness) : 0.0, $this->back($fit->panels, $place));
        }, $design->fronts);
    }

    /**
     * A rectangle, or what a slope along the depth leaves of it.
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function shape(Box $box, Block $place): array
    {
        $solid = Prism::of($place, Axis::X);
        $solid = $box->limit?->along === Axis::Y ? $solid->under($box->limit) ?? $solid : $solid;
        $points = array_map(
            fn (Point $p): array => [(float) $p->across->minus($place->corner->y)->millimetres(), (float) $p->up->minus($place->corner->z)->millimetres()],
            $solid->outline);

        return $points ?: throw new \LogicException('A box without an outline.');
    }

    /**
     * How deep a back lies behind the carcass.
     *
     * @param  list<Panel>  $panels
     */
    private function back(array $panels, Block $place): float
    {
        $backs = array_filter($panels, fn (Panel $p): bool => $p->role === Role::Back
            && self::isIn($p->block, $place) && $p->block->corner->y->equals($place->corner->y));

        return max([0.0, ...array_map(fn (Panel $p): float => (float) $p->block->size->y->millimetres(), array_values($backs))]);
    }

    /** Of what was joined at the bench: doors, drawers and loose shelves are carried by themselves. */
    private function kg(Block $place): float
    {
        $joined = array_filter($this->units, fn (Unit $u): bool => $u->kind === UnitKind::Carcass && self::isIn($u->block(), $place));

        return round($this->weight->of(...array_merge(...array_map($this->carried->panels(...), array_values($joined)), ...[[]])), 1);
    }

    /** Its middle lies in the box, or a frame's thickness before it. */
    private static function isIn(Block $panel, Block $place): bool
    {
        foreach (['x', 'y', 'z'] as $axis) {
            $middle = $panel->corner->$axis->plus($panel->size->$axis->half());
            if ($middle->isLessThan($place->corner->$axis) || $middle->isGreaterThan($place->corner->$axis->plus($place->size->$axis))) {
                return false;
            }
        }

        return true;
    }
}
