<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;

/** Finds what of a piece moves, and how: leaves, drawers, lids, flaps, bins. */
final class Movers
{
    /** How far a usual handle stands out, and how far in from the closing edge it is. mm. */
    private const HANDLE = [35.0, 40.0, 20.0];

    /** @var array<string, Bay> */
    private array $bays = [];

    public function __construct(Piece $piece, private readonly Box $box)
    {
        foreach ($piece->runs as $run) {
            $this->collect($run->bands);
        }
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Mover>
     */
    public function of(array $panels): array
    {
        $groups = [];
        foreach ($panels as $panel) {
            $key = $this->groupOf($panel);
            if ($key !== null) {
                $groups[$key][] = $panel;
            }
        }

        return array_values(array_filter(array_map(fn (array $g): ?Mover => $this->mover($g), array_values($groups))));
    }

    /** @param  array<string, Band>  $bands */
    private function collect(array $bands): void
    {
        foreach ($bands as $band) {
            foreach ($band->bays as $id => $bay) {
                $this->bays[$id] = $bay;
                $this->collect($bay->bands);
            }
        }
    }

    private function groupOf(Panel $panel): ?string
    {
        if (! $panel->role->moves()) {
            return null;
        }
        $isLeaf = in_array($panel->role, [Role::Door, Role::DoorPart, Role::Glass], true);

        return match (true) {
            $panel->role === Role::Lid => "lid $panel->id",
            $isLeaf => "leaf $panel->bay {$panel->hand?->value}".($this->doorOf($panel) === DoorKind::Sliding ? $panel->id : ''),
            default => "drawn $panel->bay",
        };
    }

    private function kindOf(Panel $panel): ?FillKind
    {
        return ($this->bays[$panel->bay ?? ''] ?? null)?->fill->kind;
    }

    private function doorOf(Panel $panel): ?DoorKind
    {
        return ($this->bays[$panel->bay ?? ''] ?? null)?->door?->kind;
    }

    /** @param  non-empty-list<Panel>  $group */
    private function mover(array $group): ?Mover
    {
        $first = $group[0];
        $front = array_values(array_filter($group, fn (Panel $p): bool => $p->role->isFront()))[0] ?? $first;
        $all = self::around($group);
        if ($first->role === Role::Lid) {
            return $this->kindOf($first) === FillKind::FoldTable ? $this->flap($group, $all, MoverKind::Lift, 90.0) : $this->lid($group, $all);
        }
        if (in_array($front->role, [Role::Door, Role::DoorPart, Role::Glass], true)) {
            return match ($this->doorOf($front)) {
                DoorKind::Hinged => $front->hand === null ? null : $this->leaf($group, $all, $front->hand),
                DoorKind::Lift => $this->flap($group, $all, MoverKind::Lift, 90.0),
                DoorKind::Drop => $this->flap($group, $all, MoverKind::Drop, 90.0),
                DoorKind::Sliding => $this->sliding($group, $all),
                default => null,
            };
        }

        if (! $front->role->isFront() && $this->kindOf($front) !== FillKind::Caddy) {
            return null;
        }

        return $this->kindOf($front) === FillKind::TiltBin
            ? $this->flap($group, $all, MoverKind::Tilt, (float) ($this->bays[$front->bay ?? '']->fill->is->count('opens')))
            : $this->drawn($group, $all);
    }

    /** @param  non-empty-list<Panel>  $group */
    private function leaf(array $group, Block $b, Side $hand): Mover
    {
        $isTurned = $group[0]->turned;
        [$x0, $y0, $x1, $y1] = self::plan($b);
        [$out, $wide, $in] = self::HANDLE;
        if ($isTurned) {
            // Along a side wall: its face is toward the middle of the room, its hinge at one end along y.
            $isLeft = $this->isAtLeft($b);
            $face = $isLeft ? $x1 : $x0;
            $low = ($hand === Side::Left) !== $isLeft;
            [$hinge, $free] = $low ? [$y0, $y1] : [$y1, $y0];
            $sign = $free > $hinge ? 1 : -1;
            $handle = self::rectangle($face, $free - $sign * ($wide + $in), $face + ($isLeft ? $out : -$out), $free - $sign * $wide);

            return $this->made($group, MoverKind::Hinged, new Course(View::Top, [self::rectangle($x0, $y0, $x1, $y1), $handle],
                self::upright($b), [$face, $hinge], ($sign > 0) === $isLeft ? -90.0 : 90.0));
        }
        [$hinge, $free] = $hand === Side::Left ? [$x0, $x1] : [$x1, $x0];
        $sign = $free > $hinge ? 1 : -1;
        $handle = self::rectangle($free - $sign * ($wide + $in), $y1, $free - $sign * $wide, $y1 + $out);

        return $this->made($group, MoverKind::Hinged, new Course(View::Top,
            [self::rectangle($x0, $y0, $x1, $y1), $handle], self::upright($b), [$hinge, $y1], 90.0 * $sign));
    }

    /** @param  non-empty-list<Panel>  $group */
    private function drawn(array $group, Block $b): Mover
    {
        [$x0, $y0, $x1, $y1] = self::plan($b);
        $isTurned = $group[0]->turned;
        $way = $isTurned ? [$this->isAtLeft($b) ? 1.0 : -1.0, 0.0] : [0.0, 1.0];

        return $this->made($group, MoverKind::Drawn, new Course(View::Top, [self::rectangle($x0, $y0, $x1, $y1)],
            self::upright($b), $way, $isTurned ? $x1 - $x0 : $y1 - $y0));
    }

    /** @param  non-empty-list<Panel>  $group */
    private function sliding(array $group, Block $b): Mover
    {
        [$x0, $y0, $x1, $y1] = self::plan($b);
        $middle = ($x0 + $x1) / 2;
        $bay = (float) $this->box->left->plus($this->box->width->value->half())->millimetres();

        return $this->made($group, MoverKind::Sliding, new Course(View::Top, [self::rectangle($x0, $y0, $x1, $y1)],
            self::upright($b), [$middle < $bay ? 1.0 : -1.0, 0.0], ($x1 - $x0) * 0.9));
    }

    /** @param  non-empty-list<Panel>  $group */
    private function lid(array $group, Block $b): Mover
    {
        [$y0, $z0, $y1, $z1] = self::side($b);

        return $this->made($group, MoverKind::Lid, new Course(View::Side, [self::rectangle($y0, $z0, $y1, $z1)], self::wide($b), [$y0, $z1], 95.0));
    }

    /** @param  non-empty-list<Panel>  $group */
    private function flap(array $group, Block $b, MoverKind $kind, float $wants): ?Mover
    {
        if ($group[0]->turned) {
            return null;
        }
        [$y0, $z0, $y1, $z1] = self::side($b);
        $shapes = array_map(fn (Panel $p): array => self::rectangle(...self::side($p->block)), $group);
        $isUp = $kind === MoverKind::Lift;

        return $this->made($group, $kind, new Course(View::Side, $shapes, self::wide($b), $isUp ? [$y1, $z1] : [$y1, $z0], $isUp ? $wants : -$wants));
    }

    /** @param  non-empty-list<Panel>  $group */
    private function made(array $group, MoverKind $kind, Course $course): Mover
    {
        $front = array_values(array_filter($group, fn (Panel $p): bool => $p->role->isFront()))[0] ?? $group[0];

        return new Mover($front->id, $kind, $front->name, array_map(fn (Panel $p): string => $p->id, $group),
            $front->bay, $course->view, $course->shapes, $course->span, $course->pivot, $course->wants);
    }

    private function isAtLeft(Block $b): bool
    {
        return $b->corner->x->isLessThan($this->box->left->plus($this->box->width->value->half()));
    }

    /** @param  non-empty-list<Panel>  $group */
    private static function around(array $group): Block
    {
        $from = $to = [];
        foreach (['x', 'y', 'z'] as $axis) {
            $from[$axis] = Length::least(...array_map(fn (Panel $p): Length => $p->block->corner->$axis, $group));
            $to[$axis] = Length::greatest(...array_map(fn (Panel $p): Length => $p->block->corner->$axis->plus($p->block->size->$axis), $group));
        }

        return new Block(new Place3($from['x'], $from['y'], $from['z']),
            new Place3($to['x']->minus($from['x']), $to['y']->minus($from['y']), $to['z']->minus($from['z'])));
    }

    /** @return array{float, float, float, float} */
    private static function plan(Block $b): array
    {
        return [self::from($b, Axis::X), self::from($b, Axis::Y), self::to($b, Axis::X), self::to($b, Axis::Y)];
    }

    /** @return array{float, float, float, float} */
    private static function side(Block $b): array
    {
        return [self::from($b, Axis::Y), self::from($b, Axis::Z), self::to($b, Axis::Y), self::to($b, Axis::Z)];
    }

    /** @return array{float, float} */
    private static function upright(Block $b): array
    {
        return [self::from($b, Axis::Z), self::to($b, Axis::Z)];
    }

    /** @return array{float, float} */
    private static function wide(Block $b): array
    {
        return [self::from($b, Axis::X), self::to($b, Axis::X)];
    }

    private static function from(Block $b, Axis $axis): float
    {
        return (float) $b->corner->{$axis->value}->millimetres();
    }

    private static function to(Block $b, Axis $axis): float
    {
        return (float) $b->corner->{$axis->value}->plus($b->size->{$axis->value})->millimetres();
    }

    /** @return non-empty-list<array{float, float}> */
    private static function rectangle(float $u0, float $v0, float $u1, float $v1): array
    {
        return [[$u0, $v0], [$u1, $v0], [$u1, $v1], [$u0, $v1]];
    }
}
