<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\Panel;
use Incastro\Core\Measure\Length;

/** All boards of a piece while what holds them is set out. What may be moved is moved until nothing is in its way. */
final class Boards
{
    /** How far from where it is wanted a hole may be moved, nearest first. */
    private const SHIFTS_MM = [0, 8, -8, 16, -16, 24, -24, 32, -32, 40, -40, 50, -50, 60, -60];

    /** @var array<string, DrilledBoard> by id */
    public array $all = [];

    /** @var list<Fastener> in the order in which they were set */
    public array $fasteners = [];

    /** @param  list<Panel>  $panels */
    public function __construct(array $panels)
    {
        foreach ($panels as $panel) {
            $this->all[$panel->id] = new DrilledBoard($panel);
        }
    }

    public function panel(string $id): ?Panel
    {
        return ($this->all[$id] ?? null)?->panel;
    }

    public function add(Fastener $fastener): void
    {
        $this->fasteners[] = $fastener;
        foreach ($fastener->bores as $bore) {
            $this->all[$bore->part]->add($bore);
        }
    }

    public function isFree(Fastener $fastener): bool
    {
        foreach ($fastener->bores as $bore) {
            if ($this->all[$bore->part]->clash($bore) !== null) {
                return false;
            }
        }

        return true;
    }

    /**
     * Sets it at the place nearest to the wanted one that is free; at the wanted one when none is, for the clash to be told.
     *
     * @param  \Closure(Length): Fastener  $make
     * @param  (\Closure(Length): bool)|null  $mayBe
     */
    public function set(Length $wanted, \Closure $make, ?\Closure $mayBe = null): bool
    {
        foreach (self::SHIFTS_MM as $mm) {
            $at = $wanted->plus(Length::fromMillimetres($mm));
            if (($mayBe === null || $mayBe($at)) && $this->isFree($fastener = $make($at))) {
                $this->add($fastener);

                return true;
            }
        }
        $this->add($make($wanted));

        return false;
    }
}
