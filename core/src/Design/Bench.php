<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Where the panels of one piece collect while it is being designed, with their joints, hardware and what is wrong. */
final class Bench
{
    /** @var array<string, Panel> by id */
    public array $panels = [];

    /** @var list<Joint> */
    public array $joints = [];

    /** @var list<Hardware> */
    public array $hardware = [];

    /** @var list<HungLeaf> */
    public array $hung = [];

    /** @var list<Finding> */
    public array $findings = [];

    /** @var array<string, Figure> clear width by bay */
    public array $openings = [];

    /** @var array<string, Spacing> by bay */
    public array $spacings = [];

    /** @var array<string, Cell> by bay */
    public array $cells = [];

    public function __construct(public readonly string $piece)
    {
    }

    public function put(Panel $panel): Panel
    {
        if (isset($this->panels[$panel->id])) {
            throw new \LogicException("Two panels by one id: $panel->id.");
        }

        return $this->panels[$panel->id] = $panel;
    }

    public function need(string $owner, Text $name, int $count, ?Length $length = null): void
    {
        if ($count > 0) {
            $panel = $this->panels[$owner] ?? null;
            $this->hardware[] = new Hardware($panel->element ?? $panel->bay ?? $owner, $name, $count, $length, $panel?->id);
        }
    }

    /**
     * Boards that cannot be made take what would have fixed them along.
     *
     * @param  array<string, Panel>  $gone  by id
     */
    public function drop(array $gone): void
    {
        $this->panels = array_diff_key($this->panels, $gone);
        $this->joints = $gone === [] ? $this->joints
            : array_values(array_filter($this->joints, fn (Joint $j): bool => ! isset($gone[$j->first]) && ! isset($gone[$j->second])));
    }

    /** Two panels meet; a bound that is no panel joins nothing. */
    public function join(?string $first, ?string $second, JointKind $kind, Axis $axis): void
    {
        if ($first !== null && $second !== null) {
            $this->joints[] = new Joint($first, $second, $kind, $axis, Length::zero(), Length::zero());
        }
    }

    /** One passes or lies before the other with so much air between. */
    public function clear(string $first, ?string $second, Axis $axis, Length $play): void
    {
        if ($second !== null) {
            $this->lay(new Joint($first, $second, JointKind::Clears, $axis, $play, Length::zero()));
        }
    }

    /** With air in it, or loose on what bears it. */
    public function lay(Joint $joint): void
    {
        $this->joints[] = $joint;
    }

    /** The first is let into the second, which loses the room for it. */
    public function house(string $first, ?string $second, Axis $axis, Length $depth): void
    {
        if ($second !== null) {
            $this->letIn(new Joint($first, $second, JointKind::Dado, $axis, Length::zero(), $depth), TakenKind::Dado);
        }
    }

    /** The first ends in a tenon, the second has its mortise. */
    public function tenon(string $first, string $second, Axis $axis, Length $depth): void
    {
        $this->letIn(new Joint($first, $second, JointKind::Tenon, $axis, Length::zero(), $depth), TakenKind::Mortise);
    }

    private function letIn(Joint $joint, TakenKind $kind): void
    {
        $this->joints[] = $joint;
        $taken = self::common($this->panels[$joint->first]->block, $this->panels[$joint->second]->block);
        if ($taken !== null) {
            $this->take($joint->second, $kind, $taken);
        }
    }

    /** The first's edge lies loose in a groove of the second, which is deeper by the play than the edge goes in. */
    public function groove(Joint $joint, Length $play): void
    {
        $this->joints[] = $joint;
        [$axis, $second] = [$joint->axis, $joint->second];
        [$a, $b] = [$this->panels[$joint->first]->block, $this->panels[$second]->block];
        $common = self::common($a, $b);
        if ($common === null) {
            return;
        }
        $along = $axis->value;
        $isAfter = $b->corner->$along->isGreaterThan($a->corner->$along);
        $from = $isAfter ? Length::zero() : $play;
        [$corner, $size] = [$common->corner, $common->size];
        $at = array_map(fn (Length $l, string $k): Length => $k === $along ? $l->minus($from) : $l, [$corner->x, $corner->y, $corner->z], ['x', 'y', 'z']);
        $is = array_map(fn (Length $l, string $k): Length => $k === $along ? $l->plus($play) : $l, [$size->x, $size->y, $size->z], ['x', 'y', 'z']);
        $this->take($second, TakenKind::Groove, new Block(new Place3($at[0], $at[1], $at[2]), new Place3($is[0], $is[1], $is[2])));
    }

    public function take(string $panel, TakenKind $kind, Block $block): void
    {
        $this->panels[$panel] = $this->panels[$panel]->taking(new Taken($kind, $block));
    }

    public function find(Finding $finding): void
    {
        $this->findings[] = $finding;
    }

    public static function common(Block $a, Block $b): ?Block
    {
        $from = $size = [];
        foreach (['x', 'y', 'z'] as $axis) {
            $from[$axis] = Length::greatest($a->corner->$axis, $b->corner->$axis);
            $size[$axis] = Length::least($a->corner->$axis->plus($a->size->$axis), $b->corner->$axis->plus($b->size->$axis))->minus($from[$axis]);
            if (! $size[$axis]->isPositive()) {
                return null;
            }
        }

        return new Block(new Place3($from['x'], $from['y'], $from['z']), new Place3($size['x'], $size['y'], $size['z']));
    }
}
