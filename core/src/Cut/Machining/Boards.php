<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Design\Panel;
use Incastro\Core\Measure\Length;

/** All boards of a piece while their holes are set out. What may be moved is moved until nothing is in its way. */
final class Boards
{
    /** How far from where it is wanted a hole may be moved, nearest first. */
    private const SHIFTS_MM = [0, 8, -8, 16, -16, 24, -24, 32, -32, 40, -40, 50, -50, 60, -60];

    /** @var array<string, DrilledBoard> by id */
    public array $all = [];

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

    /** @param  list<Bore>  $bores */
    public function add(array $bores): void
    {
        foreach ($bores as $bore) {
            $this->all[$bore->part]->add($bore);
        }
    }

    /** @param  list<Bore>  $bores */
    public function areFree(array $bores): bool
    {
        foreach ($bores as $bore) {
            if ($this->all[$bore->part]->clash($bore) !== null) {
                return false;
            }
        }

        return true;
    }

    /**
     * Drills at the place nearest to the wanted one that is free; at the wanted one when none is, for the clash to be told.
     *
     * @param  \Closure(Length): list<Bore>  $make
     * @param  (\Closure(Length): bool)|null  $mayBe
     */
    public function set(Length $wanted, \Closure $make, ?\Closure $mayBe = null): bool
    {
        foreach (self::SHIFTS_MM as $mm) {
            $at = $wanted->plus(Length::fromMillimetres($mm));
            if (($mayBe === null || $mayBe($at)) && $this->areFree($bores = $make($at))) {
                $this->add($bores);

                return true;
            }
        }
        $this->add($make($wanted));

        return false;
    }
}
