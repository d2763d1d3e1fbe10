<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\Bench;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PanelOutline;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;

/** A board with the holes it has so far, and what a further one would meet. */
final class DrilledBoard
{
    /** What must stay between two holes, and under a hole that does not go through. */
    private const WALL_MM = 1;

    private const FLOOR_MM = 2;

    /** 10 µm over an edge is on it. */
    private const SLACK = Length::PER_MM / 100;

    private const STRETCH = 80 * Length::PER_MM;

    /** @var list<Bore> */
    public array $bores = [];

    /** @var array<int, list<int>> which holes lie in each stretch of its length */
    private array $near = [];

    private readonly Length $wall;

    private readonly Axis $thin;

    /** @var array{Axis, Axis} the axes of its face, along it first */
    private readonly array $flat;

    private ?PanelOutline $outline = null;

    private ?bool $rectangle = null;

    public function __construct(public readonly Panel $panel)
    {
        $this->wall = Length::fromMillimetres(self::WALL_MM);
        $this->thin = $panel->inHouse($panel->thin);
        $this->flat = [$panel->inHouse($panel->long), $panel->inHouse($panel->wide())];
    }

    /** The first thing in its way; null when it can be drilled. */
    public function clash(Bore $bore): ?Clash
    {
        return match (true) {
            $this->isOff($bore) => new Clash(ClashKind::Off, $this->panel, $bore),
            $this->comesOut($bore) => new Clash(ClashKind::Through, $this->panel, $bore),
            default => $this->meetsRecess($bore) ?? $this->meetsBore($bore),
        };
    }

    private function meetsBore(Bore $bore): ?Clash
    {
        $first = null;
        foreach ($this->stretches($bore) as $stretch) {
            foreach ($this->near[$stretch] ?? [] as $n) {
                $other = $this->bores[$n];
                if (($first === null || $n < $first) && $other !== $bore && $other->meets($bore, $this->wall)) {
                    $first = $n;
                }
            }
        }

        return $first === null ? null : new Clash(ClashKind::Meet, $this->panel, $bore, $this->bores[$first]);
    }

    public function add(Bore $bore): void
    {
        foreach ($this->stretches($bore) as $stretch) {
            $this->near[$stretch][] = count($this->bores);
        }
        $this->bores[] = $bore;
    }

    /** @return list<int> the stretches of the board's length that a hole and the wall round it lie in: only what shares one can meet */
    private function stretches(Bore $bore): array
    {
        $axis = $this->flat[0];
        $wall = $this->wall->units;
        $from = $bore->room->from($axis)->units - $wall;

        return range(intdiv($from, self::STRETCH), intdiv($from + $bore->room->extent($axis)->units + 2 * $wall, self::STRETCH));
    }

    /** What goes right through is left out of the outline already. */
    private function meetsRecess(Bore $bore): ?Clash
    {
        foreach ($this->panel->taken as $taken) {
            if (! PanelOutline::isCutOut($taken) && Bench::common($bore->room, $taken->block) !== null) {
                return new Clash(ClashKind::Recess, $this->panel, $bore, $taken->kind);
            }
        }

        return null;
    }

    private function comesOut(Bore $bore): bool
    {
        $k = $bore->into->value;
        $isFace = $bore->into === $this->thin;

        return $isFace && $bore->depth !== null && $bore->depth->units + self::FLOOR_MM * Length::PER_MM > $this->panel->block->size->$k->units;
    }

    /** Whether any corner of its room, as seen on the face, lies outside the board. */
    private function isOff(Bore $bore): bool
    {
        if ($bore->into !== $this->thin && $this->reachesOver($bore, [$this->thin])) {
            return true;
        }
        if ($this->isRectangle()) {
            return $this->reachesOver($bore, $this->flat);
        }
        [$low, $size] = [$bore->room->corner, $bore->room->size];
        $slack = Length::ofUnits(self::SLACK);
        $this->outline ??= new PanelOutline($this->panel);
        foreach ([0, 1] as $a) {
            foreach ([0, 1] as $b) {
                $at = ['x' => $low->x, 'y' => $low->y, 'z' => $low->z];
                foreach ($this->flat as $i => $axis) {
                    $k = $axis->value;
                    $at[$k] = [$a, $b][$i] === 0 ? $at[$k]->plus($slack) : $at[$k]->plus($size->$k)->minus($slack);
                }
                if (! self::isInside($this->outline->view->project(new Place3($at['x'], $at['y'], $at['z'])), $this->outline->region->loops)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function isRectangle(): bool
    {
        return $this->rectangle ??= ($this->panel->solid->isBlock() || $this->panel->solid->axis !== $this->thin)
            && array_filter($this->panel->taken, PanelOutline::isCutOut(...)) === [];
    }

    /** @param  list<Axis>  $axes */
    private function reachesOver(Bore $bore, array $axes): bool
    {
        foreach ($axes as $axis) {
            $k = $axis->value;
            [$from, $size, $own, $whole] = [$bore->room->corner->$k->units, $bore->room->size->$k->units,
                $this->panel->block->corner->$k->units, $this->panel->block->size->$k->units];
            if ($from + self::SLACK < $own || $from + $size - self::SLACK > $own + $whole) {
                return true;
            }
        }

        return false;
    }

    /**
     * Crossings of a line to the right: odd inside.
     *
     * @param  list<list<Point>>  $loops
     */
    private static function isInside(Point $p, array $loops): bool
    {
        $inside = false;
        foreach ($loops as $loop) {
            $q = $loop[count($loop) - 1];
            foreach ($loop as $r) {
                [$from, $to] = [$q->up->units - $p->up->units, $r->up->units - $p->up->units];
                if (($from > 0) !== ($to > 0) && $q->across->units + ($r->across->units - $q->across->units) * (-$from / ($to - $from)) > $p->across->units) {
                    $inside = ! $inside;
                }
                $q = $r;
            }
        }

        return $inside;
    }
}
